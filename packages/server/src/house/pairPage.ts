import type { Language } from '@furrow/core';
import { escaped } from '../files/html.js';
import { PLAIN_READER, houseSay, speak, type HouseSays } from '../words.js';

/** Plain paper in the colours of Furrow; nothing on it needs a script or a network. */
const STYLE = `
body {
  font:19px/1.5 system-ui,sans-serif; color:#18211b; background:#f2f4ef; margin:0;
  padding:24px 20px 60px;
}
main{max-width:34em;margin:auto}
h1{font:700 32px/1.2 Georgia,serif;margin:0 0 12px}
h2{font-size:20px;margin:28px 0 6px}
label{display:block;margin:14px 0 4px;font-weight:600}
input {
  font:inherit; box-sizing:border-box; width:100%; min-height:64px; padding:8px 14px;
  border:2px solid #18211b; border-radius:3px; background:#fff;
}
input.code{letter-spacing:.18em;text-transform:uppercase;font-size:26px}
button {
  font:600 20px/1 system-ui,sans-serif; min-height:64px; width:100%; margin-top:20px;
  border:0; border-radius:3px; background:#1f6b3b; color:#fff;
}
p,ol{margin:8px 0}
a{color:#1f5c34}
.wrong{border-left:5px solid #a33a1d;padding:6px 12px;background:#fff}
small{color:#4a554d}
code{font-size:15px;overflow-wrap:anywhere}
`;
/** What the pages say, by its key, to whoever asks. */
type Tell = (key: PageKey) => string;
type PageKey = Extract<keyof HouseSays, `pairPage.${string}`>;
const tellerOf =
  (language: Language): Tell =>
  (key) =>
    escaped(speak(houseSay(key), { ...PLAIN_READER, language }));

const page = (language: Language, title: string, body: string): string => `<!doctype html>
<html lang="${language}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>${title}</title><style>${STYLE}</style></head>
<body><main>${body}</main></body></html>
`;

/** How to make a phone trust the household's own certificate, and what works without. */
const trust = (tell: Tell, fingerprint: string | null): string =>
  fingerprint === null
    ? ''
    : `<h2>${tell('pairPage.if-warns')}</h2>
<p>${tell('pairPage.why-warns')}</p>
<ol><li><a href="/furrow-authority.crt">${tell('pairPage.get-certificate')}</a>.</li>
<li>${tell('pairPage.general-settings')}</li>
<li>${tell('pairPage.other-settings')}</li></ol>
<p>${tell('pairPage.compare')}: <code>${escaped(fingerprint)}</code> ${tell('pairPage.must-stand')}</p>
<p>${tell('pairPage.without-it')}</p>`;

/**
 * What a device that is not let in sees, whatever it asks for, in its own language. Takes what was
 * typed and what was wrong with it.
 */
export function pairPage(
  language: Language,
  fingerprint: string | null,
  typed: { code: string; name: string; person: string },
  wrong: string | null,
): string {
  const tell = tellerOf(language);
  return page(
    language,
    tell('pairPage.let-in'),
    `<h1>${tell('pairPage.let-in')}</h1>
<p>${tell('pairPage.where-letters')}</p>
${wrong ? `<p class="wrong" role="alert">${escaped(wrong)}</p>` : ''}
<form method="post" action="/pair">
<label for="code">${tell('pairPage.letters')}</label><input class="code" id="code" name="code" required autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="20" value="${escaped(typed.code)}">
<label for="name">${tell('pairPage.phone-name')}</label><input id="name" name="name" required maxlength="40" value="${escaped(typed.name)}" placeholder="${tell('pairPage.phone-name-such-as')}">
<label for="person">${tell('pairPage.whose')}</label><input id="person" name="person" required maxlength="40" autocomplete="given-name" value="${escaped(typed.person)}" placeholder="Ana">
<button>${tell('pairPage.let-it-in')}</button></form>
<p><small>${tell('pairPage.under-its-name')}</small></p>
${trust(tell, fingerprint)}`,
  );
}

/** What a plain connection is told: where to go, and nothing else. */
export function plainPage(language: Language, address: string, fingerprint: string): string {
  const tell = tellerOf(language);
  const link = `<a href="${escaped(address)}">${escaped(address)}</a>`;
  return page(
    language,
    tell('pairPage.elsewhere'),
    `<h1>${tell('pairPage.encrypted-here')}</h1><p>${tell('pairPage.go-to')} ${link}.</p>${trust(tell, fingerprint)}`,
  );
}
