<?php

declare(strict_types=1);

namespace Tests\Browser;

/** What is to ship and what a kit costs, as a maker sees it. */
final class PriceTest extends BrowserCase
{
    public function test_the_strip_shows_what_ships_and_an_order_is_set_aside_on_it(): void
    {
        $this->signIn();
        $this->open('/sales');
        $this->find('.strip-bundle');
        $this->assertAccessible('Sales, to ship');
        $this->click('.strip-strip li[data-fill="ink"] .strip-bundle', 'SB-');
        $this->click('.slip-slip button', 'Set aside');
        $this->find('.strip-strip li[data-fill="aside"] .strip-bundle');
        $this->text('.slip-slip', 'Ship');
    }

    public function test_the_stair_takes_what_the_maker_knows_and_answers_with_a_price(): void
    {
        $this->signIn();
        $this->open('/sales?view=price');
        $this->click('.price-step', 'boards and set-up');
        $this->text('.price-pane', 'usual, nobody said it');
        $this->assertAccessible('Sales, price');
        $this->write('#fact-setUp', '90', true);
        $this->press("\u{E007}");
        $this->text('.price-pane', '2.16');
        $this->write('#ask-price', '1,00', false);
        $this->click('.price-bar button', 'Work it out');
        $this->text('.price-bar', 'loses');
        $this->assertAccessible('Sales, a price that loses');
    }
}
