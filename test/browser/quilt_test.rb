# frozen_string_literal: true

require "support/browser_case"

# A quilt is set from a block: its size, its units and what is cut follow the setting; its units go to be weighed.
class QuiltScreenTest < BrowserCase
  def open_first
    @maker.blocks.destroy_all
    @project.update!(quilt: nil)
    sand, sea = @maker.fabrics.first(2).map { |fabric| fabric.id.to_s }
    @maker.blocks.create!(name: "Buoy", picture: { "cells" => [[{ "cut" => "rising", "fabrics" => [sand, sea] }]], "finished" => "9" })
    visit "/projects/#{@project.id}/quilt"
    find("svg[aria-label='The quilt, 27 by 36 inches']")
  end

  # A part of the setting, which is folded.
  def unfold(part)
    find("summary", text: part).click
  end

  def test_the_setting_is_changed_and_kept
    select "on point", from: "Blocks stand"

    assert_heard "of 18 blocks"
    assert_text "3 of"
    unfold "Sashing none"
    within("details", text: "Sashing") do
      fill_in "Finished width", with: "1 1/2"
      find_field("Finished width").send_keys(:tab)
      check "Cornerstones"
    end

    assert_selector "li", text: /\A48 sashes/
    assert_selector "li", text: /\A14 half cornerstones/
    eventually { @project.reload.quilt&.dig("setting", "sashing") == "1 1/2" && @project.quilt.dig("setting", "cornerstones") }
    visit "/projects/#{@project.id}/quilt"

    assert_selector "li", text: /\A48 sashes/
    # What is folded says what it holds.
    assert_selector "summary", text: "on point, 3 across, 4 down"
    assert_heard "Sashing one and one half inches, cornerstones"
  end

  def test_a_page_loaded_anew_at_once_keeps_what_was_changed
    select "on point", from: "Blocks stand"
    refresh
    eventually { @project.reload.quilt&.dig("setting", "layout") == "on_point" }
    refresh
    unfold "Setting"

    assert_field "Blocks stand", with: "on_point"
  end

  def test_two_windows_on_one_quilt
    fill_in "Across", with: "4"
    find("h1").click
    eventually { @project.reload.quilt&.dig("setting", "across") == 4 }
    @project.update!(quilt: @project.quilt.merge("setting" => @project.quilt["setting"].merge("across" => 5)))
    fill_in "Across", with: "2"
    find("h1").click

    assert_selector "[role=dialog] tr", text: /Across\s+5\s+2/
    click_button "Keep what was saved there"

    assert_field "Across", with: "5"
  end

  def test_what_cannot_be_is_said_and_stays
    fill_in "Across", with: "many"
    find("h1").click

    assert_selector ".entry", text: /Across.*whole number/m
    assert_field "Across", with: "many"
  end

  def test_its_units_are_weighed
    click_button "Weigh these units"

    assert_selector "h1", text: /Quilt: half-square triangle units \(HST\) 9, Gull white, Harbour blue/, visible: :all
    assert_equal({ "kind" => "half_square", "finished" => "9", "count" => 12 }, @project.reload.units.last.spec)
    visit "/projects/#{@project.id}/quilt"
    fill_in "Across", with: "4"
    find("h1").click

    assert_heard "of 16 blocks"
    click_button "Weigh these units"

    assert_selector "h1", text: /Quilt: half-square/, visible: :all
    assert_equal [6, 16], [@project.reload.units.size, @project.units.last.spec["count"]]
  end

  # A lap of 54 by 66 in blocks of 9: 6 across, 8 down.
  def test_set_so_large_that_it_covers_a_bed
    find("summary", text: "For a bed, a wall, a lap").click
    select "A lap", from: "It is for"
    click_button "Set the quilt for it"

    assert_text "6 across, 8 down"
    assert_field "Across", with: "6"
    eventually { @project.reload.quilt&.dig("setting", "down") == 8 }
    fill_in "Its width", with: "wide"
    click_button "Set the quilt for it"

    assert_selector ".entry", text: /Its width.*a length/m
    assert_field "Its width", with: "wide"
  end

  def test_colourways_stand_beside_one_another
    2.times { click_button "Another colourway" }
    names = @maker.fabrics.map(&:name)
    select names[2], from: "Colourway 2: in place of #{names[0]}"

    assert_selector "svg[aria-label='Colourway 1']"
    assert_selector "svg[aria-label='Colourway 2']"
    assert_field "Colourway 1: in place of #{names[0]}", with: @maker.fabrics.first.id.to_s
    eventually { @project.reload.quilt&.dig("colourways", 1)&.values == [@maker.fabrics[2].id.to_s] }
    page.refresh

    assert_field "Colourway 2: in place of #{names[0]}", with: @maker.fabrics[2].id.to_s
  end

  # Of two blocks six each, of 16 places eight; on point 4 by 4 are 16, and 9 between.
  def test_several_blocks_are_shared_out
    @maker.blocks.create!(name: "Tern", picture: @maker.blocks.first.picture)
    page.refresh
    click_button "Another block"

    assert_selector "#count-0[value='6']"
    fill_in "Across", with: "4"
    find("h1").click

    assert_text "Share them out"
    click_button "Share them out"

    assert_selector "#count-1[value='8']"
    select "on point", from: "Blocks stand"
    click_button "Share them out"

    assert_selector "#count-0[value='16']"
    assert_selector "#count-1[value='9']"
    eventually { @project.reload.quilt&.fetch("blocks")&.map { |entry| entry["count"] } == [16, 9] }
  end

  # A size of her own is kept in the list, and taken off it again.
  def test_places_of_her_own
    find("summary", text: "For a bed, a wall, a lap").click
    find("summary", text: "Change this list").click
    { "Its width" => "20", "Its length" => "60 1/2", "Name" => "The window seat" }.each { |field, value| fill_in field, with: value }
    click_button "Save this size"

    assert_select "It is for", with_options: ["The window seat", "A lap"]
    page.refresh
    find("summary", text: "For a bed, a wall, a lap").click
    select "The window seat", from: "It is for"

    assert_field "Its length", with: "60 1/2"
    find("summary", text: "Change this list").click
    click_button "Remove it"

    assert_no_selector "option", text: "The window seat"
    click_button "Reset the list"

    assert_no_button "Reset the list"
  end

  # Side and corner triangles are cut from squares, and told once.
  def test_triangles_at_the_edge_are_cut_from_squares
    select "on point", from: "Blocks stand"

    assert_selector "main li", text: /10 side triangles.*twice corner to corner, and trim/m
    assert_no_selector "main li", text: "setting triangles"
    click_button "Weigh these units"

    assert_selector "tr.method"
    assert_empty(@project.reload.units.select { |unit| unit.spec["kind"] == "triangle" })
  end

  # What is in the project by a name of its own is asked about, and its count is set.
  def test_units_that_are_there_already_are_not_counted_twice
    click_button "Weigh these units"

    assert_selector "tr.method"
    own = @project.reload.units.find { |unit| unit.label.start_with?("Quilt: ") }
    own.update!(label: "Mine")
    visit "/projects/#{@project.id}/quilt"
    click_button "Weigh these units"

    assert_text "in the project already, by another name"
    click_button "Set the count to what is needed here"

    assert_selector "tr.method"
    assert_equal [1, 0], [@project.reload.units.count { |unit| unit.label == "Mine" },
                          @project.units.count { |unit| unit.label.start_with?("Quilt: ") && unit.spec.except("count") == own.spec.except("count") }]
  end

  # Blocks of 9 are six cells of 1 1/2, and no whole number of 2: twelve panels, joined by eleven seams.
  def test_it_is_told_how_it_is_made_on_foundation_sheets
    within("section", text: "On foundation sheets") do
      unfold "On cells of other sizes"

      assert_selector "li", text: /12 panels of 6 × 6 cells.*12 sheets, with 11 seams to join panels/m
      assert_text "The block is no whole number of cells."
    end
  end

  # The pick is seen from the quilt, and so is a quilt that asks for another number since.
  def test_a_pick_stands_in_the_quilt
    click_button "Weigh these units"

    assert_selector "h1", text: /Quilt: half-square/, visible: :all
    find("tbody[data-settled=true]")
    click_button "Pick Two at a time", exact: true
    eventually { @project.units.reload.last.pick }
    visit "/projects/#{@project.id}/quilt"

    assert_selector "main [aria-label=picked]"
    assert_no_text "pick again"
    fill_in "Across", with: "4"
    find("h1").click

    assert_text "for another number: pick again"
  end

  def test_a_quilt_without_blocks_says_what_comes_first
    @maker.blocks.destroy_all
    visit "/projects/#{@project.id}/quilt"
    click_link "Draw a block"

    assert_text "No block yet"
  end

  def test_accessible_and_whole_on_a_phone
    unfold "Borders"
    click_button "Add a border"

    assert_selector "li", text: "border strips"
    assert_empty axe_faults
    assert_whole_on_a_phone
  end
end
