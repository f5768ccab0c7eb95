<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\House;
use Zebrafinch\Core\Preset\HouseKey;

/**
 * The house's own key. It is drawn from the application key (HKDF, RFC 5869), so there is no second secret to look after; whoever changes
 * the application key changes the signature.
 */
final readonly class HouseSignature
{
    private const BYTES = 32;

    public function key(): HouseKey
    {
        $secret = config()->string('app.key');
        $raw = str_starts_with($secret, 'base64:') ? (string) base64_decode(substr($secret, 7), true) : $secret;
        $seed = hash_hkdf('sha256', $raw, self::BYTES, 'signature of the house');

        return HouseKey::fromSeed($seed);
    }

    /** The signature of a text, as a file beside it. */
    public function of(string $text): string
    {
        $key = $this->key();

        return json_encode(
            [
                'algorithm' => 'Ed25519',
                'house' => House::current()->name,
                'public_key' => $key->publicKey(),
                'signature' => $key->sign($text),
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
        );
    }
}
