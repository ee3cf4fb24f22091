/** What the screens of api say. */
export interface ApiScreen {
  'client.server-did-not-answer-as': object;
  'client.furrow-cannot-be-reached-from': object;
  'useSend.this-did-not-work-what': object;
  'live.this-browser-has-no-serial': object;
  'live.scale-not-connected-nothing-was': object;
  'useSend.not-written-twice': object;
}
