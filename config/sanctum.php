<?php

// The page signs in with a session; tokens are for scripts alone.
return ['stateful' => [], 'guard' => ['web'], 'expiration' => null, 'token_prefix' => 'zf_', 'routes' => false];
