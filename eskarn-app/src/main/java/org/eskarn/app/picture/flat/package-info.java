/** Drawings of faces, lines, slopes and guides. */
package org.eskarn.app.picture.flat;
