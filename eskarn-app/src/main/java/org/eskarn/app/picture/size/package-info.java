/** Drawings of size maps and pins. */
package org.eskarn.app.picture.size;
