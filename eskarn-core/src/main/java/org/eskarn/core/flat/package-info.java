/** Heights over a line or a plane. */
package org.eskarn.core.flat;
