/** People, their roles and passwords, signing in, the installation. */
package org.eskarn.app.account;
