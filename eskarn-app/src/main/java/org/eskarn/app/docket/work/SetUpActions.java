package org.eskarn.app.docket.work;

/** A controller whose requests change a set-up; each of them is handed a {@link SetUpRequest}. */
interface SetUpActions {}
