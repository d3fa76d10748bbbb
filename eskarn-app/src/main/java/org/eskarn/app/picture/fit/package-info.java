/** Drawings of fits, clearances and gaps. */
package org.eskarn.app.picture.fit;
