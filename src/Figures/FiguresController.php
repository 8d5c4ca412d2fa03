<?php

declare(strict_types=1);

namespace App\Figures;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Figure\Card;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The bench of figures: what is asked for stands in the address, so that a figure can be sent as a link. */
final class FiguresController extends AbstractController
{
    /** What stands in the address besides the keys of the figure. */
    private const CONTEXT = ['case', 'part'];

    public function __construct(
        private readonly FigureDesk $desk,
        private readonly Drawings $drawings,
        private readonly FigureText $text,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CaseFigures $figures,
    ) {
    }

    #[Route('/figures', name: 'figures', methods: ['GET'])]
    public function list(Request $request): Response
    {
        return $this->render('figures/list.html.twig', ['groups' => $this->desk->cards(), 'context' => self::context($request)]);
    }

    #[Route(
        '/figures/{name}.{form}',
        name: 'figure_as',
        requirements: ['name' => '[a-z0-9-]+', 'form' => 'txt|csv|json'],
        methods: ['GET'],
    )]
    public function as(string $name, string $form, Request $request): Response
    {
        $asked = $this->desk->ask($this->card($name), self::typed($request));
        if (null === $asked->outcome) {
            throw new ShopError(
                'This figure has no answer yet: '.(
                    $asked->errors ? implode(' ', $asked->errors) : 'still needed: '.implode(', ', $asked->missing).'.'
                ),
                422,
            );
        }
        [$content, $type] = $this->text->as($form, $asked);

        return new Response(
            $content,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => \sprintf('inline; filename="%s.%s"', $name, $form)],
        );
    }

    #[Route('/figures/{name}', name: 'figure', requirements: ['name' => '[a-z0-9-]+'], methods: ['GET'])]
    public function show(string $name, Request $request): Response
    {
        $card = $this->card($name);
        $asked = $this->desk->ask($card, self::typed($request));
        $context = self::context($request);
        $drawing = $this->drawings->template($card);
        // What only an answer can draw is shown with the example until there is an answer of one's own.
        $example = null === $asked->outcome && null === $drawing;
        $data = [
            'card' => $card,
            'asked' => $asked,
            'plot' => $this->drawings->plot($example ? $this->desk->ask($card, $card->example) : $asked),
            'drawing' => $drawing,
            'film' => $this->drawings->film($asked),
            'example' => $example,
            'context' => $context,
        ] + $this->inCase($card, $context, $asked);
        if ('answer' !== $request->headers->get('HX-Target')) {
            return $this->render('figures/figure.html.twig', $data);
        }

        return $this->render(
            'figures/_answer.html.twig',
            $data + ['live' => true],
            new Response(
                headers: [
                    'HX-Replace-Url' => $this->generateUrl('figure', ['name' => $name] + $context + $asked->typed),
                    'Vary' => 'HX-Target',
                ]
            ),
        );
    }

    /** @return array<string, string> the case and the part it is asked for, where they stand in the address */
    private static function context(Request $request): array
    {
        return array_filter(
            array_map(
                static fn (string $key): string => (string) $request->query->get($key, ''),
                array_combine(self::CONTEXT, self::CONTEXT),
            )
        );
    }

    /** @return array<mixed> */
    private static function typed(Request $request): array
    {
        return array_diff_key($request->query->all(), array_flip(self::CONTEXT));
    }

    /**
     * The case for which it is asked, and where what stands in its fields came from.
     *
     * @param array<string, string> $context
     *
     * @return array{case: CaseFile|null, part: Part|null, from: array<string, string>}
     */
    private function inCase(Card $card, array $context, Asked $asked): array
    {
        if (!isset($context['case'])) {
            return ['case' => null, 'part' => null, 'from' => []];
        }
        $case = $this->gate->find($context['case']);
        $part = $this->shelf->book($case->family, $case->is())->part($context['part'] ?? '');
        $filled = $this->figures->filled($case, $part->key ?? '', $card->name);
        // What was typed over no longer comes from the case.
        $from = array_filter(
            $filled->from,
            static fn (string $key): bool => ($filled->typed[$key] ?? '') === ($asked->typed[$key] ?? ''),
            \ARRAY_FILTER_USE_KEY,
        );

        return ['case' => $case, 'part' => $part, 'from' => $from];
    }

    private function card(string $name): Card
    {
        return $this->desk->card($name) ?? throw new ShopError(\sprintf('There is no figure “%s”.', mb_substr($name, 0, 60)), 404);
    }
}
