/* global sourceMapSupport */
sourceMapSupport.install();
