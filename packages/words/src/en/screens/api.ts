export const api = {
  'client.server-did-not-answer-as': 'The server did not answer as expected. Nothing was written.',
  'client.furrow-cannot-be-reached-from':
    'Furrow cannot be reached from here. What you typed is kept; try again.',
  'useSend.this-did-not-work-what': 'This did not work. What you typed is still here.',
  'live.this-browser-has-no-serial':
    'This browser has no serial port: read the scale and type what it shows.',
  'live.scale-not-connected-nothing-was': 'The scale is not connected. Nothing was changed.',
  'useSend.not-written-twice': 'Not written twice.',
  'useSend.kept-here': '{said} Kept on this device until the house answers.',
} as const;
