// Drain: fitting, forecasting, settling. Other stages use only what stands here.
export * from './depth.js';
export * from './fit.js';
export * from './forecast.js';
export * from './forecastInput.js';
export * from './priors.js';
export * from './profileFit.js';
export * from './settling.js';
