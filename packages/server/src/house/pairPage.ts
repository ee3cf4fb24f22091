import { escaped } from '../files/html.js';

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
const page = (title: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>${escaped(title)}</title><style>${STYLE}</style></head>
<body><main>${body}</main></body></html>
`;

/** How to make a phone trust the household's own certificate, and what works without. */
const trust = (fingerprint: string | null): string =>
  fingerprint === null
    ? ''
    : `<h2>If the phone warns of this page</h2>
<p>The connection is encrypted by a certificate of this household's own, which no company vouches for. Tell the phone once to trust it:</p>
<ol><li><a href="/furrow-authority.crt">Get the certificate</a>.</li>
<li>Where the phone’s Settings have “General”: open it, install the profile that waits there; then General, About, Certificate Trust Settings, and switch it on.</li>
<li>Where they have not: search Settings for “CA certificate” and install the file that was saved.</li></ol>
<p>Compare before you do: <code>${escaped(fingerprint)}</code> must stand at the table too.</p>
<p>Without it the phone warns again now and then; everything works all the same.</p>`;

/**
 * What a device that is not let in sees, whatever it asks for. Takes what was typed and what was
 * wrong with it.
 */
export function pairPage(
  fingerprint: string | null,
  typed: { code: string; name: string; person: string },
  wrong: string | null,
): string {
  return page(
    'Let this phone in',
    `<h1>Let this phone in</h1>
<p>Eight letters stand at the table: in Furrow on its own machine, Rules, In the house.</p>
${wrong ? `<p class="wrong" role="alert">${escaped(wrong)}</p>` : ''}
<form method="post" action="/pair">
<label for="code">The eight letters</label><input class="code" id="code" name="code" required autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="20" value="${escaped(typed.code)}">
<label for="name">What this phone is called</label><input id="name" name="name" required maxlength="40" value="${escaped(typed.name)}" placeholder="Blue phone">
<label for="person">Whose it is</label><input id="person" name="person" required maxlength="40" autocomplete="given-name" value="${escaped(typed.person)}" placeholder="Ana">
<button>Let it in</button></form>
<p><small>What this phone writes stands in the book under its name and yours.</small></p>
${trust(fingerprint)}`,
  );
}

/** What a plain connection is told: where to go, and nothing else. */
export const plainPage = (address: string, fingerprint: string): string =>
  page(
    'Furrow is elsewhere',
    `<h1>Furrow speaks encrypted here</h1><p>Go to <a href="${escaped(address)}">${escaped(address)}</a>.</p>${trust(fingerprint)}`,
  );
