<?php

declare(strict_types=1);

namespace App\Figures;

use App\Platform\ShopError;
use Japhrex\Core\Figure\Card;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The bench of figures: what is asked for stands in the address, so that a figure can be sent as a link. */
final class FiguresController extends AbstractController
{
    public function __construct(private readonly FigureDesk $desk, private readonly Drawings $drawings, private readonly FigureText $text)
    {
    }

    #[Route('/figures', name: 'figures', methods: ['GET'])]
    public function list(): Response
    {
        return $this->render('figures/list.html.twig', ['groups' => $this->desk->cards()]);
    }

    #[Route('/figures/{name}.{form}', name: 'figure_as', requirements: ['name' => '[a-z0-9-]+', 'form' => 'txt|csv|json'], methods: ['GET'])]
    public function as(string $name, string $form, Request $request): Response
    {
        $asked = $this->desk->ask($this->card($name), $request->query->all());
        if (null === $asked->outcome) {
            throw new ShopError('This figure has no answer yet: '.($asked->errors ? implode(' ', $asked->errors) : 'still needed: '.implode(', ', $asked->missing).'.'), 422);
        }
        [$content, $type] = $this->text->as($form, $asked);

        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => \sprintf('inline; filename="%s.%s"', $name, $form)]);
    }

    #[Route('/figures/{name}', name: 'figure', requirements: ['name' => '[a-z0-9-]+'], methods: ['GET'])]
    public function show(string $name, Request $request): Response
    {
        $card = $this->card($name);
        $fields = $request->query->all();
        $asked = $this->desk->ask($card, $fields);
        $drawing = $this->drawings->template($card);
        // What only an answer can draw is shown with the example until there is an answer of one's own.
        $example = null === $asked->outcome && null === $drawing;
        $data = ['card' => $card, 'asked' => $asked, 'plot' => $this->drawings->plot($example ? $this->desk->ask($card, $card->example) : $asked), 'drawing' => $drawing, 'example' => $example];
        if ('answer' !== $request->headers->get('HX-Target')) {
            return $this->render('figures/figure.html.twig', $data);
        }

        return $this->render('figures/_answer.html.twig', $data + ['live' => true], new Response(headers: ['HX-Replace-Url' => $this->generateUrl('figure', ['name' => $name] + $asked->typed), 'Vary' => 'HX-Target']));
    }

    private function card(string $name): Card
    {
        return $this->desk->card($name) ?? throw new ShopError(\sprintf('There is no figure “%s”.', mb_substr($name, 0, 60)), 404);
    }
}
