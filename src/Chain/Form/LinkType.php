<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Chain\ChainLink;
use App\Chain\ChainNode;
use Japhrex\Core\Chain\Mechanism\Mechanism;
use Japhrex\Core\Family\CarrierKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class LinkType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var list<ChainNode> $nodes */
        $nodes = $options['nodes'];
        /** @var array<string, Mechanism> $mechanisms */
        $mechanisms = $options['mechanisms'];
        $names = [];
        foreach ($mechanisms as $key => $mechanism) {
            $names[$mechanism->name] = $key;
        }
        $ends = [
            'choices' => $nodes,
            'choice_value' => static fn (?ChainNode $node): string => null === $node ? '' : (string) $node->id,
            'choice_label' => static fn (ChainNode $node): string => $node->name,
            'placeholder' => 'choose',
            'required' => false,
        ];
        $builder
            ->add('from', ChoiceType::class, ['label' => 'Cause'] + $ends)
            ->add('to', ChoiceType::class, ['label' => 'Effect'] + $ends)
            ->add('mechanism', ChoiceType::class, [
                'choices' => $names,
                'label' => 'How',
                'placeholder' => 'choose',
                'required' => false,
                'setter' => static function (ChainLink $link, ?string $mechanism): void {
                    $link->mechanism = $mechanism ?? '';
                },
            ])
            ->add('carrier', EnumType::class, [
                'class' => CarrierKind::class, 'choice_label' => static fn (CarrierKind $kind): string => $kind->label(),
                'label' => 'Which way it took', 'placeholder' => 'at the same place', 'required' => false,
            ])
            ->add('why', TextType::class, ['label' => 'Why you say so', 'required' => false, 'empty_data' => '']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ChainLink::class]);
        $resolver->setRequired(['nodes', 'mechanisms']);
    }
}
