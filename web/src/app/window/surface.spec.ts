import '@tin-porch/surface/tests';
