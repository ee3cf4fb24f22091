// Writes the types of the interface from its own description: npm run client. The browser tests
// speak to the server by them, so that a path or a shape that is not told does not compile.
import { mkdirSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString, type OpenAPI3 } from 'openapi-typescript';
import { openApi } from '../packages/server/src/openapi.js';

const FOLDER = 'e2e/generated';
// As it goes over the wire: the schemas in it are objects until then.
const described = JSON.parse(JSON.stringify(openApi())) as OpenAPI3;
mkdirSync(FOLDER, { recursive: true });
writeFileSync(
  `${FOLDER}/interface.d.ts`,
  `// Written by npm run client.\n\n${astToString(await openapiTS(described))}`,
);
