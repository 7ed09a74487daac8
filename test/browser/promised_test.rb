# frozen_string_literal: true

require "support/browser_case"

# Small promises of the screens: keys, buttons for what is missing, two windows, centimetres.
class PromisedTest < BrowserCase
  def test_w_goes_to_what_matters
    find("body").send_keys("w")

    assert_selector "section[aria-label='What matters'] [role=slider]:focus"
  end

  def test_a_tool_that_is_missing_has_a_button
    @maker.tools.select { |tool| tool.document["kind"] == "die_press" }.each(&:destroy!)
    open_unit @unit

    assert_selector ".reasons", text: "needs a press"
    within(find(".reasons", text: "needs a press", match: :first)) { click_link "Add one to the drawer" }

    within("[role=dialog]") { assert_equal "Press", find("select", match: :first).find("option:checked").text[-5..].capitalize }
  end

  def test_two_windows_show_what_each_says
    visit "/projects"

    assert_button "Change Slack Tide lap quilt"
    @project.update!(notes: "Theirs", lock_version: @project.lock_version)
    Server::Models::Project.where(id: @project.id).update_all("lock_version = lock_version + 1")
    click_button "Change Slack Tide lap quilt", exact: true
    within("[role=dialog]") do
      fill_in "Notes", with: "Mine"
      click_button "Change", exact: true
    end

    within("[role=dialog]", text: "Changed in another window") do
      assert_selector "tr", text: /Notes.*Theirs.*Mine/m
    end
  end

  # The first unit of an empty project in centimetres: 7.5 is 7.5 cm, and 7,5 too.
  def test_the_first_unit_of_an_empty_project_in_centimetres
    @project.units.destroy_all
    @project.update!(measure: "cm", seam_allowance: "0.75cm")
    visit "/projects/#{@project.id}/units/new"
    click_button "Add a unit" if page.has_button?("Add a unit", wait: 2)
    fill_in "Finished size", with: "7,5"
    click_button "Add", exact: true

    assert_selector "tr.method", minimum: 3
    assert_equal "7.5cm", @project.units.reload.last.spec["finished"]
  end

  # How much there is, at the start, in yards.
  def test_the_first_questions_ask_how_much_fabric_there_is
    visit "/start"
    click_button "Start my own"
    fill_in "How much", with: "1 1/2 yd", match: :first
    click_button "Weigh it"

    assert_selector "tr.method", minimum: 3
    own = Server::Models::Maker.find_by(demo: false)

    assert_equal "54", own.fabrics.order(:id).first.document["length"]
  end

  def test_many_scraps_are_told_in_few_words
    sizes = Array.new(500) { |i| [((i % 30) + 2).to_s, "5"] }
    @maker.fabrics.create!(name: "Bag", colour: "#888888", weave: "plain", document: { "form" => "scraps", "pieces" => sizes })
    visit "/fabrics"

    assert_selector ".shelf li", text: /Bag.*500 scraps/m
  end
end
