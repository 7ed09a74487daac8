# frozen_string_literal: true

require "support/browser_case"

# Units of other kinds than squares of two triangles.
class KindsOfUnitTest < BrowserCase
  SMALL_SKY = "Four at a time, small sky squares"

  def open_labelled(label)
    click_link label
    find("a[aria-current=page]", text: label)
  end

  def test_geese_are_weighed_by_their_height
    open_labelled "Terns"

    assert_text "flying geese units"
    assert_selector "[role=slider][aria-label='Fence: finished height'][aria-valuetext='two inches']"
    assert_heard "goose five and one quarter inches, sky two and seven eighths inches", SMALL_SKY
    assert_heard "Half-inch triangle, QST side: printed four inches"
    open_way SMALL_SKY

    assert_heard "A set makes 4: 6 sets for 22, 2 extra units."
    assert_heard "The large square is the goose, five and one quarter inches; the small one the sky, two and seven eighths inches."
  end

  def test_a_goose_of_another_height_is_picked_and_found_again
    open_labelled "Terns"
    fill_in "Finished height", with: "3"
    find_field("Finished height").send_keys(:enter)

    assert_heard "goose seven and one quarter inches, sky three and seven eighths inches", SMALL_SKY
    find("tbody[data-settled=true]")
    click_button "Pick #{SMALL_SKY}"

    assert_heard "Picked: #{SMALL_SKY} for 22 finished at three inches × six inches"
    assert_equal %w[3 6], @project.units.find_by!(label: "Terns").spec["finished"]
    page.refresh

    assert_heard "Picked: #{SMALL_SKY} for 22 finished at three inches × six inches"
    fill_in "Finished height", with: "25"
    find_field("Finished height").send_keys(:enter)

    assert_text "allowed is at least 1/16 and at most 24"
    assert_equal %w[3 6], @project.units.find_by!(label: "Terns").spec["finished"]
  end

  def test_lefts_and_rights_are_asked_for_apart
    open_labelled "Keels"

    assert_equal %w[8 4], [find_field("Lefts").value, find_field("Rights").value]
    assert_heard "half four and seven eighths inches, left and right five and one quarter inches", "Two at a time, a left and a right"
    fill_in "Rights", with: "10"
    find_field("Rights").send_keys(:enter)
    open_way "Two at a time, a left and a right"

    # Ten sets give ten of each.
    assert_text "Every set gives a left and a right: 2 lefts are left over."
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time, a left and a right"

    assert_heard "for 8 lefts and 10 rights finished at four inches"
    click_button "Undo"

    assert_equal "4", find_field("Rights", with: "4").value
    assert_no_text "Saving…"
    assert_equal({ "left" => 8, "right" => 4 }, @project.units.find_by!(label: "Keels").spec["count"])
  end

  # One ruler, two sides, one number: both stay said as the fence goes by.
  def test_two_sides_of_a_ruler_with_the_same_number
    open_labelled "Keels"
    strips = "Single patches from strips"

    assert_heard "HST four inches, QST four inches", strips
    find("[role=slider][aria-label='Fence: finished size']").send_keys(*([:left] * 8))

    assert_heard "HST three inches, QST three inches", strips
    open_way strips
    find("[role=slider][aria-label='Fence: finished size']").send_keys(*([:right] * 8))

    assert_heard "HST four inches, QST four inches", strips
    assert_equal 2, way(strips).all(".reading .size-finished").size
    assert_equal 2, all(".detail ul:not([aria-label]) li").size
  end

  # One with a side, one with two, one with hands, one with corners: the others are stored in the server's tests.
  def test_a_new_unit_of_any_kind
    OakenGauge.kinds["kinds"].select { |kind| %w[square flying_geese three_triangle shape].include?(kind["kind"]) }.each do |kind|
      click_button "Add a unit"
      choose_kind kind["title"]
      within("[role=dialog]") do
        fill_in "Name", with: "Trial #{kind['kind']}"
        click_button "Add", exact: true
      end

      assert_selector "a[aria-current=page]", text: "Trial #{kind['kind']}"
      assert_text kind["title"]
      assert_selector "tr.method"
      assert_equal kind["starter"], @project.units.find_by!(label: "Trial #{kind['kind']}").spec
    end
  end

  def choose_kind(title)
    find("[role=radio][aria-label='#{title}']").click
  end

  def test_what_a_kind_cannot_be_is_said_beside_its_field
    click_button "Add a unit"
    choose_kind "cut-corner squares"
    within("[role=dialog]") do
      fill_in "Name", with: "Too much corner"
      fill_in "Finished corner", with: "3"
      click_button "Add", exact: true

      assert_selector ".entry", text: /Finished corner.*allowed is at most half of the side, 2/m
      fill_in "Corners replaced", with: "5"
      click_button "Add", exact: true

      assert_selector ".entry", text: /Corners replaced.*a whole number from 1 to 4/m
      fill_in "Finished corner", with: "1 3/4"
      fill_in "Corners replaced", with: "4"
      click_button "Add", exact: true
    end

    assert_selector "a[aria-current=page]", text: "Too much corner"
    assert_equal ["1 3/4", 4], @project.units.find_by!(label: "Too much corner").spec.values_at("corner", "corners")
  end

  def test_a_shape_by_its_corners
    click_button "Add a unit"
    choose_kind "shapes"
    within("[role=dialog]") do
      fill_in "Name", with: "Keystone"
      fill_in "Finished corners, counter-clockwise: x, y; x, y; …", with: "0, 0; 2, 2 1/2; 5, 0"
      click_button "Add", exact: true

      assert_text "runs clockwise: allowed is counter-clockwise"
      fill_in "Finished corners, counter-clockwise: x, y; x, y; …", with: "0, 0; 5, 0; 2, 2 1/2"
      click_button "Add", exact: true
    end

    assert_selector "[role=slider][aria-label='Fence: finished height'][aria-valuetext='two and one half inches']"
    assert_equal [%w[0 0], %w[5 0], ["2", "2 1/2"]], @project.units.find_by!(label: "Keystone").spec["outline"]
  end

  def test_nothing_stands_in_the_way
    open_labelled "Keels"
    find(".method-name", text: "Two at a time, a left and a right")

    assert_empty axe_faults
    click_button "Add a unit"
    find("[role=radio]", text: "hourglass units")

    assert_empty axe_faults
  end
end
