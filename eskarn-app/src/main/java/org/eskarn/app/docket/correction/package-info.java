/** Corrections of a docket: worked out, decided on, logged step by step. */
package org.eskarn.app.docket.correction;
