# frozen_string_literal: true

require "support/browser_case"

# The drawer: a tool is entered by what is printed on it, changed, removed, and put back.
class ToolsScreenTest < BrowserCase
  def open_first
    visit "/tools"
    find("h2", text: "Straight cuts")
  end

  def fill_in_dialog(title, button, **values)
    within("[role=dialog]", text: title) do
      yield if block_given?
      values.each { |label, value| fill_in label.to_s, with: value }
      click_button button, exact: true
    end
  end

  def test_a_ruler_is_entered_and_weighed_with
    click_button "Add a tool"
    fill_in_dialog("Add a tool", "Add", Name: "Quilt square", Width: "12 1/2", Length: "12 1/2") { select "Straight ruler", from: "Kind of tool" }

    assert_text "Added Quilt square."
    assert_equal ["quilt-square", "12 1/2"], @maker.tools.last.document.values_at("id", "width")
    open_unit @unit

    assert_text "Quilt square"
  end

  def test_what_cannot_be_is_said_beside_its_field_and_stays
    click_button "Add a tool"
    within("[role=dialog]") do
      select "Foundation sheet", from: "Kind of tool"
      fill_in "Name", with: "Small sheet"
      fill_in "Finished side of a cell", with: "0.01"
      click_button "Add", exact: true

      assert_selector ".entry", text: /Finished side of a cell.*at least 1.4/m
      assert_field "Finished side of a cell", with: "0.01"
      assert_field "Name", with: "Small sheet"
    end
    assert_equal 11, @maker.tools.count
  end

  # A list of what there is to tick.
  def test_aids_are_ticked
    click_button "Add a tool"
    fill_in_dialog("Add a tool", "Add", Name: "Masking tape") do
      select "Marking aid", from: "Kind of tool"
      check "tape"
    end

    assert_text "Added Masking tape."
    assert_equal "tape", @maker.tools.last.document["aids"]
    click_button "Change Masking tape"
    fill_in_dialog("Change Masking tape", "Change") { check "gauge" }

    assert_text "Changed Masking tape."
    assert_equal %w[tape gauge], @maker.tools.last.document["aids"]
  end

  def test_changed_removed_and_undone
    tool = @maker.tools.first
    name = tool.document["name"]
    click_button "Change #{name}"
    fill_in_dialog("Change #{name}", "Change", Name: "Old faithful")

    assert_text "Changed Old faithful."
    from_menu "Remove", "Old faithful"

    assert_text "Removed Old faithful."
    assert_equal 10, @maker.tools.count
    click_button "Undo"

    assert_button "Change Old faithful"
    assert_equal 11, @maker.tools.count
    # What was added again is another record: what was done to it before is undone all the same.
    click_button "Undo"

    assert_button "Change #{name}"
    assert_no_button "Undo"
    assert_equal(1, @maker.tools.count { |one| one.document["name"] == name })
    2.times { click_button "Redo" }

    assert_text "Removed Old faithful."
    assert_no_button "Redo"
  end

  def test_accessible_and_whole_on_a_phone
    assert_empty axe_faults
    page.driver.resize(390, 844)

    assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, 390
    fill_in "Find a tool", with: "sheet"

    assert_no_selector "h2", text: "Straight cuts"
  ensure
    page.driver.resize(1280, 800)
  end
end
