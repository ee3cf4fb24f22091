const SIGNS: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
/** A text as it may stand in a page or an attribute of one. */
export const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => SIGNS[sign]);
