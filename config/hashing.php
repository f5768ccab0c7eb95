<?php

// Argon2id with the framework's own costs, above what OWASP's password storage guide asks (19 MiB, 2 passes). Hashes of other kinds are
// still proven, and made anew at the next sign-in.
return [
    'driver' => 'argon2id',
    'bcrypt' => ['rounds' => 12, 'verify' => false],
    'argon' => [
        'memory' => (int) env('HASH_KIBIBYTES', 65536),
        'threads' => 1,
        'time' => (int) env('HASH_PASSES', 4),
        'verify' => false,
    ],
    'rehash_on_login' => false,
];
