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

  def test_the_setting_is_changed_and_kept
    select "on point", from: "Blocks stand"

    assert_heard "of 18 blocks"
    assert_text "3 of"
    within("fieldset", text: "Sashing") do
      fill_in "Finished width", with: "1 1/2"
      find("legend").click
      check "Cornerstones"
    end

    assert_selector "li", text: /\A48 sashes/
    assert_selector "li", text: /\A14 half cornerstones/
    eventually { @project.reload.quilt&.dig("setting", "sashing") == "1 1/2" && @project.quilt.dig("setting", "cornerstones") }
    visit "/projects/#{@project.id}/quilt"

    assert_selector "li", text: /\A48 sashes/
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
    click_button "Set it so large"

    assert_text "6 across, 8 down"
    assert_field "Across", with: "6"
    eventually { @project.reload.quilt&.dig("setting", "down") == 8 }
    fill_in "Its width", with: "wide"
    click_button "Set it so large"

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
  end

  # The pick is seen from the quilt, and so is a quilt that asks for another number since.
  def test_a_pick_stands_in_the_quilt
    click_button "Weigh these units"

    assert_selector "h1", text: /Quilt: half-square/, visible: :all
    click_button "Pick Two at a time", exact: true
    eventually { @project.units.reload.last.pick }
    visit "/projects/#{@project.id}/quilt"

    assert_selector ".unit-stands [aria-label=picked]"
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
    click_button "Add a border"

    assert_selector "li", text: "border strips"
    assert_empty axe_faults
    assert_whole_on_a_phone
  end
end
