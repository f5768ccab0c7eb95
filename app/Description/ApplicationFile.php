<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\ApplicationData;
use App\Models\User;
use App\Preset\HouseSignature;
use App\Preset\Signer;
use Illuminate\Support\Facades\DB;
use JsonException;
use Throwable;
use Zebrafinch\Core\Preset\HouseKey;
use Zebrafinch\Core\Text\CanonicalJson;

/** An application as one file: catalogue, description, factory key file and matches, signed by the house that wrote it. */
final readonly class ApplicationFile
{
    /** A key file of the largest size, as the letters that stand for its bytes. */
    private const LONGEST_TEXT = 11_000_000;

    public const FORMAT = 'zebrafinch-application/1';

    public function __construct(
        private HouseSignature $signature,
        private Describing $describing,
        private ApplicationStore $store,
    ) {
    }

    public function write(HouseApplication $row): string
    {
        $application = [
            'catalogue' => $row->catalogue,
            'dialect' => $row->dialect,
            'factory' => ['name' => $row->files[0]['name'] ?? '', 'bytes' => $row->files[0]['bytes'] ?? ''],
            'matches' => $row->matches,
            'systems' => $row->systems,
        ];

        return json_encode(
            [
                'format' => self::FORMAT,
                'application' => $application,
                'signature' => json_decode($this->signature->of(CanonicalJson::of($application)), true),
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @return array{data: ApplicationData, file_name: string, systems: list<string>, signer: Signer}
     *
     * @throws ApplicationRefused
     */
    public static function read(string $bytes): array
    {
        try {
            $file = json_decode($bytes, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw ApplicationRefused::badFile('it is not JSON');
        }
        $application = is_array($file) && ($file['format'] ?? null) === self::FORMAT ? $file['application'] ?? null : null;
        if (! is_array($application) || ! is_array($application['catalogue'] ?? null) || ! is_array($application['dialect'] ?? null)) {
            throw ApplicationRefused::badFile('it does not say that it is one, or lacks its parts');
        }
        $factory = is_array($application['factory'] ?? null) ? $application['factory'] : [];
        foreach ([$application['catalogue']['id'] ?? '', $application['catalogue']['name'] ?? '', ...array_values($factory)] as $text) {
            if (! is_string($text) || strlen($text) > self::LONGEST_TEXT) {
                throw ApplicationRefused::badFile('its id, its name or its key file is no text');
            }
        }
        $bytes = base64_decode($factory['bytes'] ?? '', true);
        $matches = array_values((array) ($application['matches'] ?? []));
        $signer = self::signer($application, $file['signature'] ?? null);
        if ($signer === Signer::Forged) {
            throw ApplicationRefused::badFile('its signature is not of what stands in it');
        }

        return [
            'data' => new ApplicationData(
                $application['catalogue']['id'] ?? '',
                $application['catalogue'],
                $application['dialect'],
                (string) $bytes,
                array_values(array_filter($matches, is_array(...))),
            ),
            'file_name' => $factory['name'] ?? 'keys',
            'systems' => array_values(array_filter((array) ($application['systems'] ?? []), is_string(...))),
            'signer' => $signer,
        ];
    }

    /** @param  array<mixed>  $application */
    private static function signer(array $application, mixed $signature): Signer
    {
        if (! is_array($signature) || ! is_string($signature['signature'] ?? null) || ! is_string($signature['public_key'] ?? null)) {
            return Signer::Nobody;
        }
        if (! HouseKey::hasSigned($signature['signature'], CanonicalJson::of($application), $signature['public_key'])) {
            return Signer::Forged;
        }

        return (new HouseSignature())->key()->publicKey() === $signature['public_key'] ? Signer::ThisHouse : Signer::AnotherHouse;
    }

    /**
     * Takes the application in as a draft, or over one of its name that is there.
     *
     * @throws ApplicationRefused|\Zebrafinch\Core\Refusal
     */
    public function takeIn(User $user, string $bytes): HouseApplication
    {
        $read = self::read($bytes);
        $data = $read['data'];
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $data->id) !== 1 || $this->describing->isShipped($data->id)) {
            throw ApplicationRefused::badFile("an application of the house cannot be called \"{$data->id}\"");
        }

        return DB::transaction(function () use ($user, $data, $read): HouseApplication {
            $row =
                HouseApplication::query()->where('slug', $data->id)->first() ??
                new HouseApplication(['version' => 0, 'certainties' => [], 'corrections' => []]);
            $isInUse = $row->exists && $row->state === ApplicationState::InUse;
            $row->fill([
                'slug' => $data->id,
                'name' => (string) ($data->catalogue['name'] ?? $data->id),
                'state' => $isInUse ? ApplicationState::InUse : ApplicationState::Draft,
                'user_id' => $row->user_id ?? $user->id,
                'files' => [['name' => $read['file_name'], 'bytes' => base64_encode($data->factory)]],
                'catalogue' => $data->catalogue,
                'dialect' => $data->dialect,
                'matches' => $data->matches,
                'systems' => $read['systems'],
                'version' => $row->version + 1,
            ]);
            try {
                $this->store->save($row);

                $taken = $this->describing->change($row, $row->version, []);
                if (($taken->proof['holds'] ?? false) !== true) {
                    throw ApplicationRefused::badFile('its description does not stand the proof on its own key file');
                }

                return $taken;
            } catch (ApplicationRefused $error) {
                throw $error;
            } catch (Throwable $error) {
                throw ApplicationRefused::badFile($error->getMessage());
            }
        });
    }
}
