/** Signing in and out, how long that lasts, and how guessing is slowed down. */
package org.eskarn.app.signin;
