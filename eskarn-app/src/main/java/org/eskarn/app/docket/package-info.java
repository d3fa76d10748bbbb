/** The record of a docket: its rows, how they become a docket, and what counts as evidence. */
package org.eskarn.app.docket;
