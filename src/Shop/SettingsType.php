<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\ShopSettings;
use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\FileType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints\Image;

final class SettingsType extends AbstractType
{
    /** Largest logo. */
    private const LARGEST = '500k';

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = static fn (string $label, string $help = ''): array => ['label' => $label, 'help' => $help, 'empty_data' => ''];
        $builder
            ->add('name', TextType::class, $text('Name', 'on every page and paper'))
            ->add('address', TextareaType::class, $text('Address', 'as on a letter; telephone and mail too') + ['required' => false])
            ->add('logoFile', FileType::class, [
                'label' => 'Logo',
                'help' => 'PNG or JPEG, at most 500 kB; on papers and on the customer\'s page',
                'mapped' => false,
                'required' => false,
                'attr' => ['accept' => 'image/png,image/jpeg'],
                'constraints' => [new Image(
                    maxSize: self::LARGEST,
                    mimeTypes: ['image/png', 'image/jpeg'],
                    maxWidth: 3000,
                    maxHeight: 3000,
                    mimeTypesMessage: 'Expected a PNG or a JPEG.',
                    maxSizeMessage: 'Expected a picture of at most 500 kB.',
                )],
            ])
            ->add('noLogo', CheckboxType::class, ['label' => 'No logo any more', 'mapped' => false, 'required' => false])
            ->add('zone', TextType::class, $text('Time zone', 'such as Europe/Oslo') + ['attr' => ['list' => 'zones']])
            ->add('currency', TextType::class, $text('Currency', 'three letters, such as EUR') + ['attr' => ['maxlength' => 3]])
            ->add('units', EnumType::class, [
                'class' => UnitSystem::class,
                'label' => 'Units',
                'empty_data' => UnitSystem::Metric->value,
                'help' => 'of papers, and of people until they choose',
                'choice_label' => static fn (UnitSystem $system): string => $system->label(),
            ])
            ->add('numbering', TextType::class, $text('Numbers of cases', '{year} in two digits, {number} in four'));
        if (true === $options['isNew']) {
            $builder->remove('logoFile')->remove('noLogo');
        } else {
            $builder->add('keepYears', IntegerType::class, [
                'label' => 'Cases are kept whole for',
                'help' => 'years after they were signed; then the names of people may go out of them',
                'empty_data' => '10',
            ]);
            $builder->add('codeToSign', CheckboxType::class, [
                'label' => 'Who signs proves it by a code of a second factor too',
                'required' => false,
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ShopSettings::class, 'isNew' => false]);
    }
}
