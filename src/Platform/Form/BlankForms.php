<?php

declare(strict_types=1);

namespace App\Platform\Form;

use App\Platform\KeptHtml;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Twig\Environment;
use Twig\Markup;

/**
 * The fields of a form that adds something.
 *
 * Before anybody typed they are the same in every case of a kind, and to build them takes as long as to read the case:
 * so they are written once. What is each visitor's own, the token, is put in as they are shown.
 */
final readonly class BlankForms
{
    public function __construct(private KeptHtml $kept, private Environment $twig, private CsrfTokenManagerInterface $tokens)
    {
    }

    /**
     * @param FormInterface<mixed>|null $typed what was sent and did not hold; null: the blank form is shown
     * @param \Closure(): FormInterface<mixed> $blank
     * @param list<mixed> $of what tells the blank form from others of its template, and what it hangs on: values alone
     * @param string $template that writes `form`, with its errors and its hidden fields
     * @param array<string, mixed> $context of the template
     */
    public function fields(
        ?FormInterface $typed,
        \Closure $blank,
        array $of,
        string $template = 'platform/_fields.html.twig',
        array $context = [],
    ): Markup {
        if (null !== $typed) {
            return new Markup($this->twig->render($template, ['form' => $typed->createView()] + $context), 'UTF-8');
        }
        [$before, $tokenId, $after] = $this->kept->piece(
            $template,
            $of,
            fn (): array => $this->written($blank(), $template, $context),
        );

        return new Markup($before.htmlspecialchars($this->tokens->getToken($tokenId)->getValue()).$after, 'UTF-8');
    }

    /**
     * @param FormInterface<mixed> $form
     * @param array<string, mixed> $context
     *
     * @return array{string, string, string} what stands before its token, the token's id, and what stands after it
     */
    private function written(FormInterface $form, string $template, array $context): array
    {
        $view = $form->createView();
        $token = $view['_token']->vars['value'];
        $parts = explode($token, $this->twig->render($template, ['form' => $view] + $context));
        if (2 !== \count($parts)) {
            throw new \LogicException(\sprintf('The token of "%s" must stand once in "%s".', $form->getName(), $template));
        }

        return [$parts[0], $form->getConfig()->getAttribute('csrf_token_id'), $parts[1]];
    }
}
