/** What is opened at a drain: beside the vessels, or before them. */
export type DrainPanel = 'weigh' | 'draw' | 'temperature' | 'warm' | 'press' | 'close' | 'readings';
