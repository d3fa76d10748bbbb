/** Chooses the drawing of what was read. */
package org.eskarn.app.picture;
