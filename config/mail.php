<?php

// By default letters are written to a folder, one file each, for a house without a mail server; MAIL_MAILER=smtp sends them.
return [
    'default' => env('MAIL_MAILER', 'folder'),
    'mailers' => [
        'folder' => ['transport' => 'folder', 'path' => env('MAIL_FOLDER') ?: base_path('var/mail')],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM', 'zebrafinch@localhost'), 'name' => 'Zebrafinch'],
];
