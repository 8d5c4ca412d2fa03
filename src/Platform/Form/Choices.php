<?php

declare(strict_types=1);

namespace App\Platform\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** A row of large buttons for the cases of an enum that has labels; none chosen means that nobody looked yet. */
final class Choices extends AbstractType
{
    public function getParent(): string
    {
        return EnumType::class;
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'required' => false,
            'placeholder' => static fn (Options $options): ?string => true === $options['required'] ? null : 'not said',
            'choice_label' => static fn (\UnitEnum $case): string => method_exists($case, 'label') && \is_string($label = $case->label())
                ? $label
                : $case->name,
        ]);
    }

    public function getBlockPrefix(): string
    {
        return 'choices';
    }
}
