<?php

declare(strict_types=1);

namespace App\Platform\Form;

use Symfony\Component\Form\AbstractTypeExtension;
use Symfony\Component\Form\Extension\Core\Type\FormType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormEvent;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\Form\FormView;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * Lets two people work on one form without losing anything (option `three_way`).
 *
 * The form remembers what its fields held when it was opened. On saving, a field that only somebody else has changed
 * since keeps their value; one that both have changed is not saved but shows both values, and saving once more puts
 * one's own deliberately.
 */
final class ThreeWay extends AbstractTypeExtension
{
    public const BASE = '_base';

    /** @var \WeakMap<FormInterface<mixed>, array<string, string>> what is stored now */
    private \WeakMap $stored;

    public function __construct()
    {
        $this->stored = new \WeakMap();
    }

    public static function getExtendedTypes(): iterable
    {
        return [FormType::class];
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['three_way' => false]);
        $resolver->setAllowedTypes('three_way', 'bool');
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        if (true !== $options['three_way']) {
            return;
        }
        $builder->addEventListener(FormEvents::PRE_SUBMIT, $this->merge(...), 10);
        $builder->addEventListener(FormEvents::POST_SUBMIT, $this->complain(...), -10);
    }

    public function finishView(FormView $view, FormInterface $form, array $options): void
    {
        if (true === $options['three_way']) {
            $view->vars['base'] = json_encode($this->stored[$form] ?? self::values($form), \JSON_THROW_ON_ERROR);
        }
    }

    /** @var \WeakMap<FormInterface<mixed>, array<string, array{string, string}>>|null field => [theirs, mine] */
    private ?\WeakMap $conflicts = null;

    private function merge(FormEvent $event): void
    {
        $form = $event->getForm();
        $submitted = $event->getData();
        $stored = self::values($form);
        $this->stored[$form] = $stored;
        if (!\is_array($submitted)) {
            return;
        }
        $base = json_decode(\is_string($submitted[self::BASE] ?? null) ? $submitted[self::BASE] : '', true);
        unset($submitted[self::BASE]);
        $conflicts = [];
        foreach (\is_array($base) ? $stored : [] as $name => $theirs) {
            $before = \is_string($base[$name] ?? null) ? $base[$name] : $theirs;
            $mine = self::text($submitted[$name] ?? '');
            if ($before === $theirs || $mine === $theirs) {
                continue;
            }
            if ($mine === $before) {
                $submitted[$name] = \is_array($form->get($name)->getViewData()) ? json_decode($theirs, true) : $theirs;
            } else {
                $conflicts[$name] = [$theirs, $mine];
            }
        }
        $this->conflicts ??= new \WeakMap();
        $this->conflicts[$form] = $conflicts;
        $event->setData($submitted);
    }

    private function complain(FormEvent $event): void
    {
        $form = $event->getForm();
        foreach ($this->conflicts[$form] ?? [] as $name => [$theirs, $mine]) {
            $form->get($name)->addError(
                new FormError(
                    \sprintf(
                        'Two hands on this: meanwhile somebody saved “%s”; you typed “%s”. Nothing is overwritten yet. Save once '
                            .'more to put yours, or type theirs.',
                        '' === $theirs ? 'nothing' : $theirs,
                        '' === $mine ? 'nothing' : $mine,
                    )
                )
            );
        }
    }

    /**
     * @param FormInterface<mixed> $form
     *
     * @return array<string, string>
     */
    private static function values(FormInterface $form): array
    {
        $values = [];
        foreach ($form->all() as $name => $child) {
            if (false !== $child->getConfig()->getMapped()) {
                $values[(string) $name] = self::text($child->getViewData());
            }
        }

        return $values;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            \is_array($value) => json_encode($value, \JSON_THROW_ON_ERROR),
            \is_scalar($value) => str_replace("\r\n", "\n", (string) $value),
            default => '',
        };
    }
}
