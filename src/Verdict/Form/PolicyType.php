<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Account\Form\AmountType;
use App\Verdict\Warranty\PolicyInput;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Verdict\Policy\Cover;
use Japhrex\Core\Verdict\Policy\Proof;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class PolicyType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = static fn (string $label, string $help = ''): array => [
            'label' => $label, 'help' => $help, 'required' => false, 'empty_data' => '',
        ];
        $day = static fn (string $label): array => [
            'label' => $label, 'required' => false, 'widget' => 'single_text', 'input' => 'datetime_immutable',
            'invalid_message' => 'A day, such as 2026-03-01.',
        ];
        $number = static fn (string $label): array => [
            'label' => $label, 'required' => false, 'invalid_message' => 'A whole number.',
        ];
        $several = static fn (string $label, string $class): array => [
            'class' => $class, 'label' => $label, 'multiple' => true, 'expanded' => true, 'required' => false,
            'choice_label' => static fn (Cover|OriginKind|Proof $one): string => lcfirst(
                $one instanceof Cover ? $one->value : $one->label()
            ),
        ];
        // Of nothing that is offered, nothing is taken: what stood there stays.
        $one = static fn (string $field): array => ['setter' => static function (PolicyInput $policy, ?string $typed) use ($field): void {
            $policy->{$field} = $typed ?? $policy->{$field};
        }];
        $builder
            ->add('name', TextType::class, $text('Name', 'Pellam, new units; one of a name that is known takes its place'))
            ->add('kind', ChoiceType::class, $one('kind') + ['label' => 'Whose it is', 'choices' => [
                'of the maker' => 'maker', 'of a supplier' => 'supplier', 'of the shop, on its repairs' => 'own-repair',
            ]])
            ->add('maker', TextType::class, $text('Units of which maker', 'empty: of any'))
            ->add('from', DateType::class, $day('In force from'))
            ->add('to', DateType::class, $day('In force to'))
            ->add('runs', ChoiceType::class, $one('runs') + ['label' => 'Its time runs from', 'choices' => [
                'delivery' => 'delivery', 'fitting' => 'fitting',
            ]])
            ->add('months', IntegerType::class, $number('Months'))
            ->add('hours', TextType::class, $text('Hours', '4000 h'))
            ->add('covers', EnumType::class, $several('It pays for', Cover::class))
            ->add('excludes', EnumType::class, $several('It does not pay where the origin is', OriginKind::class))
            ->add('deductible', AmountType::class, ['label' => 'The first so much is the holder’s'])
            ->add('notice', IntegerType::class, $number('To be told within days'))
            ->add('return', IntegerType::class, $number('Part to be sent in within days'))
            ->add('proofs', EnumType::class, $several('It asks for', Proof::class));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PolicyInput::class]);
    }
}
