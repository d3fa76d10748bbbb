/** The maker's certificate of a bought-in piece: what is claimed, beside what is allowed and what was measured. */
package org.eskarn.app.certificate;
