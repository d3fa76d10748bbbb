/** What every page needs: words, units, fields, the frame. */
package org.eskarn.app.page;
