<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

/** The key pair by which a house signs what leaves it: Ed25519, RFC 8032. */
final readonly class HouseKey
{
    /** @param  non-empty-string  $secret  64 bytes, as libsodium has it */
    private function __construct(private string $secret)
    {
    }

    /** @param  non-empty-string  $seed  32 bytes */
    public static function fromSeed(string $seed): self
    {
        return new self(sodium_crypto_sign_secretkey(sodium_crypto_sign_seed_keypair($seed)));
    }

    /** 32 bytes in hex. */
    public function publicKey(): string
    {
        return bin2hex(sodium_crypto_sign_publickey_from_secretkey($this->secret));
    }

    /** 64 bytes in hex. */
    public function sign(string $message): string
    {
        return bin2hex(sodium_crypto_sign_detached($message, $this->secret));
    }

    /**
     * @param  string  $signature  in hex
     * @param  string  $publicKey  in hex
     */
    public static function hasSigned(string $signature, string $message, string $publicKey): bool
    {
        [$raw, $key] = [self::raw($signature, SODIUM_CRYPTO_SIGN_BYTES), self::raw($publicKey, SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES)];

        return $raw !== null && $key !== null && sodium_crypto_sign_verify_detached($raw, $message, $key);
    }

    /** @return non-empty-string|null null where it is not that many bytes in hex */
    private static function raw(string $hex, int $bytes): ?string
    {
        $raw = strlen($hex) === 2 * $bytes && ctype_xdigit($hex) ? hex2bin($hex) : '';

        return $raw === '' || $raw === false ? null : $raw;
    }
}
