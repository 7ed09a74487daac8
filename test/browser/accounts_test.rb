# frozen_string_literal: true

require "support/browser_case"

# Where others can reach it: an account by an invitation, signing out and in.
class AccountsScreenTest < BrowserCase
  def open_first
    ENV["ACCOUNTS"] = "1"
    visit "/sign-up?code=#{Server::Models::Invitation.give(100)}"
  end

  def teardown
    super
    ENV.delete("ACCOUNTS")
  end

  def make_account
    fill_in "Name", with: "Ada"
    fill_in "Passphrase", with: "tide and table and twine"
    click_button "Make it"
    find(".unit-table", match: :first)
    visit "/account"
  end

  def test_an_account_is_made_left_and_come_back_to
    fill_in "Name", with: "Ada"
    fill_in "Passphrase", with: "short"
    click_button "Make it"

    assert_text "is shorter than 12 letters"
    assert_field "Name", with: "Ada"
    make_account

    assert_text "Signed in as Ada."
    click_button "Sign out", exact: true

    assert_selector "h1", text: "Sign in"
    visit "/projects"

    assert_selector "h1", text: "Sign in"
    fill_in "Name", with: "Ada"
    fill_in "Passphrase", with: "not the one it is"
    click_button "Sign in"

    assert_text "This name and this passphrase do not belong together."
    fill_in "Passphrase", with: "tide and table and twine"
    click_button "Sign in"

    assert_no_selector "h1", text: "Sign in"
    visit "/projects"

    assert_text "Slack Tide lap quilt"
  end

  def test_another_is_invited_and_everything_removed
    make_account
    click_button "Make a link"
    link = find_field("The link").value

    assert_match(%r{/sign-up\?code=.{40,}\z}, link)
    click_button "Remove this account"
    fill_in "Passphrase", with: "not the one it is"
    click_button "Remove everything"

    assert_text "is not the one of this account"
    fill_in "Passphrase", with: "tide and table and twine"
    click_button "Remove everything"

    assert_selector "h1", text: "Sign in"
    assert_equal [0, 0], [Server::Models::Account.count, Server::Models::Maker.count]
    visit link

    assert_selector "h1", text: "Make an account"
    assert_empty axe_faults
    assert_whole_on_a_phone
  end

  def test_an_old_link_says_so
    visit "/reset?code=old"
    fill_in "Passphrase", with: "tide and table and twine"
    click_button "Save it"

    assert_text "This link is no invitation, or was used, or is older than a week: ask for a new one."
  end
end
