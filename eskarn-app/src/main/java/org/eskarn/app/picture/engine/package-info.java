/** Puts drawings together: shapes, scales, text that is never written over other text, the verdict rule. */
package org.eskarn.app.picture.engine;
