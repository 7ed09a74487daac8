# frozen_string_literal: true

require "support/browser_case"
require "tempfile"

# Projects: one is started, copied, put aside, removed, and put back; forty units are found by their names.
class ProjectsScreenTest < BrowserCase
  def open_first
    visit "/projects"
    find("main li a", text: "Slack Tide lap quilt")
  end

  # Seen by a link, by whoever has it; withdrawn, it no longer holds.
  def test_a_project_is_shown_to_others
    visit "/projects"
    click_button "Show Slack Tide lap quilt to others"
    click_button "Make a link"
    link = find_field("The link").value
    visit link

    assert_selector "h1", text: "Slack Tide lap quilt"
    assert_selector "svg[aria-label^='The quilt, 63 1/4 by']"
    assert_selector "li", text: /Wave tips.*not picked yet/m
    assert_equal(["Copy the link"], all("main button").map(&:text))
    assert_empty axe_faults
    assert_whole_on_a_phone
    visit "/projects"
    click_button "Show Slack Tide lap quilt to others"
    click_button "Withdraw the link"

    assert_no_button "Withdraw the link"
    visit link

    assert_text "This link does not hold any more."
  end

  def test_a_project_is_started_and_has_its_first_unit
    click_button "Start a project"
    within("[role=dialog]") do
      fill_in "Name", with: "Eel pond"
      fill_in "Seam allowance", with: "wide"
      click_button "Start", exact: true

      assert_selector ".entry", text: /Seam allowance.*a length/m
      fill_in "Seam allowance", with: "6mm"
      click_button "Start", exact: true
    end

    assert_text "Eel pond has no units yet"
    click_button "Add a unit"
    click_button "Add", exact: true

    assert_selector "tr.method", minimum: 5
    assert_selector "a.unit-tab[aria-current=page]", text: "half-square triangle units (HST) 2"
    visit "/projects"

    assert_selector "li", text: /Eel pond.*0 of 1 picked.*pick a method for 1 unit/m
    within("li.tool", text: "Eel pond") { click_link "pick a method for 1 unit" }

    assert_selector "tr.method", minimum: 5
  end

  def test_copied_put_aside_removed_and_put_back
    click_button "Copy Slack Tide lap quilt"

    assert_text "Copied: now there is Copy of Slack Tide lap quilt."
    click_button "Put aside Copy of Slack Tide lap quilt"

    assert_text "Put aside Copy of Slack Tide lap quilt."
    assert_selector "section[aria-label='Put aside'] a", text: "Copy of Slack Tide lap quilt"
    click_button "Remove Slack Tide lap quilt", exact: true

    assert_text "Removed Slack Tide lap quilt."
    assert_no_selector "section[aria-label='At work']"
    click_button "Undo"

    assert_selector "section[aria-label='At work'] a", text: "Slack Tide lap quilt"
    assert_equal 5, @project.reload.units.count
  end

  def test_everything_is_saved_as_a_file_and_read_in
    file = Tempfile.new(["bench", ".json"]).tap { |one| one.write(JSON.generate(Server::Exporter.new(@maker).document)) && one.close }
    attach_file "A file to read in", file.path, make_visible: true
    within("[role=dialog]", text: "Read this file in?") do
      assert_no_text "Where something else goes by the same name"
      click_button "Read it in"
    end

    assert_text "Read in."
    assert_selector "main li a", text: "Slack Tide lap quilt", count: 1
    assert_link "Save everything as a file"
    File.write(file.path, "not a bench")
    attach_file "A file to read in", file.path, make_visible: true

    assert_text(/Nothing was added: .* is no such file/)
    File.write(file.path, JSON.generate({ "oaken_gauge" => 1, "tools" => [{ "id" => "a", "name" => "A", "kind" => "saw" }] }))
    attach_file "A file to read in", file.path, make_visible: true

    assert_text "tools › 0 › kind"
  end

  # Another notes text: what differs is named, and she says which stays.
  # A large file is read in by a job, which may be stopped.
  def test_a_large_file_is_read_in_meanwhile
    file = large
    read_in(file)

    assert_text "Reading it in comes next…"
    Server::Jobs::ReadIn.run(@maker.jobs.where(kind: Server::Jobs::ReadIn.kind).last.id)

    assert_text "Read in."
    assert_selector "main", text: "Large"
    assert_no_text "Reading it in comes next…"
    read_in(file)

    assert_text "Reading it in comes next…"
    click_button "Cancel"

    assert_text "Stopped: nothing was added."
    assert_equal(%w[done stopped], @maker.jobs.where(kind: Server::Jobs::ReadIn.kind).order(:id).map(&:state))
  end

  def large
    bench = JSON.parse(File.read(ServerCase::DEMO))
    project = bench["projects"].first
    many = Array.new(45) { |i| { **project["units"].first, "name" => "Unit #{i}", "pick" => { "method" => "rotary/patches" } } }
    text = JSON.generate(bench.merge("projects" => [{ **project, "name" => "Large", "units" => many }]))
    Tempfile.new(["bench", ".json"]).tap { |one| one.write(text) && one.close }
  end

  def read_in(file)
    attach_file "A file to read in", file.path, make_visible: true
    within("[role=dialog]", text: "Read this file in?") { click_button "Read it in" }
  end

  def test_where_a_file_differs_she_says_which_stays
    document = Server::Exporter.new(@maker).document
    document["projects"].first["notes"] = "From elsewhere"
    file = Tempfile.new(["bench", ".json"]).tap { |one| one.write(JSON.generate(document)) && one.close }
    attach_file "A file to read in", file.path, make_visible: true
    within("[role=dialog]", text: "Read this file in?") do
      assert_selector "tr", text: /Projects.*Slack Tide lap quilt/m
      find("label", text: "Take the file's").click
      click_button "Read it in"
    end

    assert_text "From elsewhere"
    assert_selector "main li a", text: "Slack Tide lap quilt", count: 1
  end

  def test_what_is_missing_is_told_and_added
    @maker.tools.where.not(key: "long-rule").destroy_all
    click_button "What is missing: Slack Tide lap quilt"
    within("[role=dialog]") do
      assert_text(/Wave tips.*only a straight ruler cuts these sizes/m, wait: 20)
      click_button "I have one: Triangle ruler, finished sizes"

      assert_text "in the drawer now"
    end
    assert_equal 2, @maker.tools.count
  end

  def test_the_demo_is_put_aside_for_her_own_and_brought_back
    click_button "Start your own"
    click_button "Start my own"
    fill_in "Name of the quilt", with: "Harbour lights"
    fill_in "How many", with: "12"
    find("label", text: "Triangle ruler, finished sizes").click
    fill_in "Fabric 1", with: "Fog"
    click_button "Weigh it"

    assert_selector "header", text: "Harbour lights"
    assert_selector ".method-name", minimum: 3
    assert_field "How many", with: "12"
    visit "/projects"
    click_button "Bring the demo back"

    assert_selector "main li a", text: "Slack Tide lap quilt"
    click_button "Put the demo aside"

    assert_selector "main li a", text: "Harbour lights"
    assert_no_text "Slack Tide"
  end

  def test_units_are_found_by_name_however_many
    35.times { |i| @project.units.create!(label: "Reef #{i}", spec: @unit.spec, position: 10 + i) }
    open_unit @unit
    find("body").send_keys("l")
    fill_in "Find a unit", with: "reef 34"

    assert_selector "[role=dialog] li", count: 1
    within("[role=dialog]") { click_link "Reef 34" }

    assert_selector "h1", text: /Reef 34/, visible: :all
    assert_equal 0, evaluate_script("Math.max(0, document.documentElement.scrollWidth - innerWidth)")
  end

  def test_accessible_and_whole_on_a_phone
    assert_empty axe_faults
    assert_whole_on_a_phone
  end
end
