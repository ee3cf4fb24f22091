// Drain: stacks, fitting, forecasting, pressing, settling. Other stages use only what stands here.
export * from './arrangements.js';
export * from './closing.js';
export * from './depth.js';
export * from './fit.js';
export * from './forecast.js';
export * from './forecastInput.js';
export * from './pastRuns.js';
export * from './posterior.js';
export * from './pressing.js';
export * from './priors.js';
export * from './profileFit.js';
export * from './scaleStream.js';
export * from './settling.js';
export * from './temperatures.js';
export * from './viscousTime.js';
export * from './weighingQuestions.js';
export * from './whatIf.js';
