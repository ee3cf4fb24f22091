<script setup lang="ts">
import { tell } from '../words/tell.js';
import FileKey from '../parts/FileKey.vue';
import Button from 'primevue/button';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import TextField from '../parts/TextField.vue';
import { Refused, read } from '../api/client.js';

/**
 * A jar found by its code: typed as it stands on the label, or read from a picture of the square
 * code.
 */
const router = useRouter();
const code = ref('');
const notFound = ref<string | null>(null);
async function find(): Promise<void> {
  notFound.value = null;
  try {
    const found = await read(`/traces?code=${encodeURIComponent(code.value)}&direction=back`);
    await router.push({ path: `/book/${found.lot.batchId}`, query: { lot: found.lot.id } });
  } catch (error) {
    notFound.value =
      error instanceof Refused ? error.message : tell('common.this-did-not-work-try');
  }
}
/** The code in a picture: shrunk first, so that a large photo is read as fast as a small one. */
async function fromPicture(file: File): Promise<void> {
  notFound.value = null;
  try {
    const { default: jsQR } = await import('jsqr');
    const bitmap = await createImageBitmap(file);
    const scale = Math.min(1, 1200 / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [
      Math.round(bitmap.width * scale),
      Math.round(bitmap.height * scale),
    ];
    const pen = canvas.getContext('2d')!;
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    const found = jsQR(
      pen.getImageData(0, 0, canvas.width, canvas.height).data,
      canvas.width,
      canvas.height,
    );
    if (!found) return void (notFound.value = tell('JarCode.no-square-code-can-be'));
    code.value = decodeURIComponent(found.data.replace(/^.*\/lot\//, ''));
    await find();
  } catch {
    notFound.value = tell('JarCode.this-no-picture-that-can');
  }
}
</script>

<template>
  <form class="acts find" @submit.prevent="find">
    <TextField
      v-model="code"
      :label="tell('JarCode.where-jar-from-its-code')"
      :error="notFound"
      :hint="tell('JarCode.on-label-behind-batch')"
    />
    <div class="two">
      <Button
        type="submit"
        outlined
        :label="tell('JarCode.trace-it')"
        :disabled="code.trim().length < 3"
      /><FileKey
        look="text"
        camera
        :label="tell('JarCode.read-it-from-picture')"
        :reads="tell('JarCode.picture-code')"
        accept="image/*"
        @chosen="fromPicture"
      />
    </div>
  </form>
</template>

<style scoped>
.find {
  margin-bottom: 6px;
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
