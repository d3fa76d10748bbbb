package org.eskarn.app.docket;

/** A controller whose requests change a set-up; each of them is handed a {@link Visit}. */
interface SetUpActions {}
