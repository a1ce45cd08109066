/** The newest job file version this code reads. */
export const JOB_VERSION = 1;

/** Of version 1, the newest set of fields this code knows. Rises with every field that is added. */
export const JOB_MINOR = 6;
