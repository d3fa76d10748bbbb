/** Drawings of rings, journals, roundness, pitches and dials. */
package org.eskarn.app.picture.round;
