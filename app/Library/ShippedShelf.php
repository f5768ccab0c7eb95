<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;

/** The applications that come with the product: a folder of catalogues/ for each. */
final readonly class ShippedShelf implements Shelf
{
    /** @param  string  $folder  of the catalogues */
    public function __construct(private string $folder)
    {
    }

    public function stamps(): array
    {
        $stamps = [];
        foreach ($this->ids() as $id) {
            $stamps[$id] = implode(
                ' ',
                array_map(
                    static fn (string $path): string => basename($path).' '.filemtime($path).' '.filesize($path),
                    File::glob("{$this->folder}/{$id}/*"),
                ),
            );
        }

        return $stamps;
    }

    public function putAway(): array
    {
        return [];
    }

    /** @return list<string> in the order in which they are listed */
    private function ids(): array
    {
        $ids = array_values(
            array_map(static fn (string $path): string => basename(dirname($path)), File::glob("{$this->folder}/*/catalogue.json")),
        );
        $order = File::exists("{$this->folder}/order.json") ? $this->json("{$this->folder}/order.json")['order'] ?? [] : [];
        $first = is_array($order) ? array_values(array_intersect(array_filter($order, is_string(...)), $ids)) : [];

        return [...$first, ...array_values(array_diff($ids, $first))];
    }

    public function data(string $id): ApplicationData
    {
        $matches = "{$this->folder}/{$id}/matches.json";
        $factory = array_first(File::glob("{$this->folder}/{$id}/factory.*"));

        return new ApplicationData(
            $id,
            $this->json("{$this->folder}/{$id}/catalogue.json"),
            $this->json("{$this->folder}/{$id}/dialect.json"),
            is_string($factory) ? File::get($factory) : throw LibraryRefused::missing("{$this->folder}/{$id}/factory.*"),
            File::exists($matches) ? array_values($this->json($matches)['matches'] ?? []) : [],
        );
    }

    /**
     * @return array<mixed>
     *
     * @throws LibraryRefused
     */
    public function json(string $path): array
    {
        $data = File::exists($path) ? json_decode(File::get($path), true, 64) : null;

        return is_array($data) ? $data : throw LibraryRefused::missing($path);
    }
}
