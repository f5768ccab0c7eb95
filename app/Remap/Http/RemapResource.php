<?php

declare(strict_types=1);

namespace App\Remap\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offer;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Remap\Choice;
use Zebrafinch\Core\Remap\Remap;

final class RemapResource extends JsonAnswer
{
    private readonly Shapes $shapes;

    private readonly Remap $remap;

    /**
     * @param  list<Offer>  $offers
     * @param  Binding|null  $wanted  null while no chord is named
     * @param  list<array{LoadedKeymap, Binding}>  $destroysElsewhere  what the wanted chord destroys in other applications
     * @param  LoadedKeymap|null  $inFront  what the desktop would take the wanted chord from
     */
    public function __construct(
        private readonly LoadedKeymap $keymap,
        private readonly Command $command,
        private readonly Context $context,
        private readonly array $offers,
        private readonly ?Binding $wanted,
        private readonly array $destroysElsewhere,
        private readonly ?LoadedKeymap $inFront,
        Docket $docket,
        private readonly ReservedChords $reserved,
    ) {
        parent::__construct($keymap);
        $this->shapes = new Shapes($keymap->application, $keymap->seat);
        $this->remap = new Remap($keymap, $docket);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'command' => [
                ...$this->shapes->commandName($this->command->id),
                'menu' => $this->command->menu,
                'tooltip' => $this->command->tooltip,
                'home' => $this->command->home,
                'is_menu_only' => $this->command->is(CommandTrait::MenuOnly),
                'desktop' => $this->desktopCommand(),
            ],
            'context' => $this->shapes->contextName($this->context),
            'bindings' => array_map(
                fn (Binding $own): array => [
                    ...$this->shapes->binding($own),
                    'removal' => $this->choice($this->remap->removal($own), $own),
                ],
                $this->keymap->bindings()->ofCommand($this->command->id),
            ),
            'offers' => array_map($this->shapes->offer(...), $this->offers),
            'wanted' => $this->wanted === null ? null : $this->wanted($this->wanted),
        ];
    }

    /** The command of the desktop that chooses the menu title of this one; null where it has none, or is one itself. */
    private function desktopCommand(): ?string
    {
        $application = $this->keymap->application;
        $isTitle = $application->id === DesktopCatalogue::ID;
        $title = $isTitle ? false : array_search($this->command->id, DesktopCatalogue::titlesOf($application), true);

        return $title === false ? null : DesktopCatalogue::command($application->id, (string) $title);
    }

    /** @return array<string, mixed> */
    private function wanted(Binding $wanted): array
    {
        $seat = $this->keymap->seat;
        $ladder = (new Who($this->keymap))->gets($wanted->chord, $wanted->gesture, $wanted->context);
        $reach = (new ReachJudge($seat, $this->reserved))->of($wanted->chord);
        $choices = $this->remap->choices($wanted);

        return [
            'chord' => $this->shapes->chord($wanted->chord),
            'gesture' => $wanted->gesture->value,
            'reach' => Shapes::reach($seat->printer(), $reach),
            'is_already_so' => $this->remap->isAlreadySo($wanted),
            'is_free' => $reach->kind === ReachKind::AsWritten && $this->remap->isFree($wanted, $choices),
            'unsayable' => $this->remap->unsayable($wanted),
            'holders' => array_map($this->shapes->binding(...), $this->remap->holders($wanted)),
            'neighbours' => [...array_map($this->shapes->binding(...), $this->remap->neighbours($wanted)), ...$this->takenFrom($wanted)],
            'destroys_elsewhere' => array_map($this->destroying(...), $this->destroysElsewhere),
            'ladder' => $this->shapes->ladder($ladder),
            'choices' => array_map(fn (Choice $choice): array => $this->choice($choice, $wanted), $choices),
        ];
    }

    /**
     * @param  array{LoadedKeymap, Binding}  $found
     * @return array<string, mixed>
     */
    private function destroying(array $found): array
    {
        [$keymap, $binding] = $found;

        return [
            'application' => Shapes::application($keymap->application),
            'binding' => (new Shapes($keymap->application, $keymap->seat))->binding($binding),
        ];
    }

    /** @return list<array<string, mixed>> what the application in front would lose to the desktop */
    private function takenFrom(Binding $wanted): array
    {
        if ($this->inFront === null) {
            return [];
        }
        $shapes = new Shapes($this->inFront->application, $this->inFront->seat);

        return array_map($shapes->binding(...), $this->inFront->onPress($this->inFront->seat->press($wanted->chord)));
    }

    /** @return array<string, mixed> */
    private function choice(Choice $choice, Binding $about): array
    {
        $after = new Who($this->keymap->after($choice->change));

        return $this->shapes->choice($choice, $after->gets($about->chord, $about->gesture, $about->context));
    }
}
