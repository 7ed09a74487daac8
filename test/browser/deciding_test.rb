# frozen_string_literal: true

require "support/browser_case"

# All units of a project decided together: proposed within limits, taken or left, picked at once and taken back at once.
class DecidingTest < BrowserCase
  PICK = /\APick (all of these|these)/

  def test_what_is_taken_is_picked_at_once_and_taken_back_at_once
    # Two of one name are picked each for itself.
    @project.units.select { |unit| unit.pick.nil? }.first(2).each { |unit| unit.update!(label: "Tips") }
    before = picked
    open_decided
    changes = all("input[type=checkbox][aria-label^='Take ']").size

    assert_operator changes, :>, 1
    first("input[type=checkbox][aria-label^='Take ']").uncheck

    assert_selector "th", text: "What you take"
    click_on "Pick these #{changes - 1}"

    assert_text "Picked methods for"
    eventually { picked.compact.size > before.compact.size }
    press([:control, "z"])

    assert_text "Undone: Picked methods for"
    eventually { picked == before }
    press([:control, "y"])
    eventually { picked.compact.size > before.compact.size }
  end

  def test_limits_stand_in_the_address_and_what_cannot_be_is_mended
    open_decided
    fill_in "Minutes at most", with: "1"
    find_field("Minutes at most").send_keys(:enter)
    worked

    assert_text(/All together are not within 1 minutes?\./)
    assert_text(/minutes would do\./)
    assert_includes current_url, "minutes=1"
    fill_in "Minutes at most", with: "soon"
    find_field("Minutes at most").send_keys(:enter)

    assert_text "soon: allowed is a number from 1 to"
    visit current_url

    assert_field "Minutes at most", with: "soon"
  end

  def test_somebody_else_came_between
    open_decided
    unit = @project.units.find { |one| one.pick.nil? }
    best = OakenGauge.weigh(unit.weigh_document)["methods"].first["method"]
    Server::Models::Unit.transaction { Server::Picking.new(unit).pick(unit.spec, best) }
    find("button", text: PICK).click

    assert_text "was changed in another window"
    assert_equal 1, picked.compact.size
  end

  def test_accessible_and_whole_on_a_phone
    open_decided

    assert_empty axe_faults
    assert_whole_on_a_phone
  end

  private

  def open_decided
    visit "/projects/#{@project.id}"
    click_on "Decide them all together"

    assert_selector "h1", text: "Best for all: #{@project.name}"
    worked

    assert_selector "button", text: PICK
  end

  # What the worker of a server does.
  def worked
    waiting = @maker.jobs.where(kind: "choose", state: "waiting")
    eventually { waiting.exists? }
    waiting.find_each { |job| Server::Jobs::Choose.new({}).run(job.id) }
  end

  def picked
    @project.units.reload.map { |unit| unit.pick&.method_id }
  end
end
