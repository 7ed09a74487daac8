# frozen_string_literal: true

require "support/core_case"

# Bad input: every fault is named by its pointer, with what was read and what is allowed.
class DocumentsTest < CoreCase
  def unit(**changes)
    { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }.merge(changes.transform_keys(&:to_s)) }
  end

  def with_tool(tool)
    unit.merge("tools" => [tool])
  end

  BAD_UNITS = {
    { finished: "0" } => ["/unit/finished", %r{"0": allowed is at least 1/8 and at most 48: nothing smaller can be sewn}],
    { finished: "-2" } => ["/unit/finished", %r{at least 1/8}],
    { finished: "5 ft" } => ["/unit/finished", /"5 ft": allowed is a length such as/],
    { finished: "60" } => ["/unit/finished", /at most 48/],
    { finished: 2 } => ["/unit/finished", /is 2: allowed is a length/],
    { finished: "abc" } => ["/unit/finished", /abc/],
    { count: 0 } => ["/unit/count", /is 0: allowed is a whole number from 1 to 100000/],
    { count: 1_000_000_000 } => ["/unit/count", /1000000000/],
    { count: "24" } => ["/unit/count", /"24"/],
    { count: 2.5 } => ["/unit/count", /2.5/],
    { kind: "circle" } => ["/unit/kind", /"circle": allowed is one of/],
    { colour: "red" } => ["/unit/colour", /unknown key "colour": allowed are kind, finished, count/]
  }.freeze

  def test_bad_units
    BAD_UNITS.each do |changes, (pointer, message)|
      found = faults(unit(**changes))

      assert_equal [pointer], found.keys, changes
      assert_match message, found[pointer]
    end
  end

  def test_everything_wrong_is_said_at_once
    found = faults(unit(finished: "x", count: -1).merge("seam_allowance" => "0", "colour" => 1, "priorities" => { "speed" => 1 }))

    assert_equal %w[/colour /priorities/speed /seam_allowance /unit/count /unit/finished], found.keys.sort
  end

  def test_documents_that_are_no_objects
    [[], nil, 3, "x"].each { |document| assert_match(/allowed is an object/, faults(document)[""]) }
    assert_equal "is missing", faults({})["/unit"]
    assert_equal "is a list of 0: allowed is a unit with kind, finished and count", faults({ "unit" => [] })["/unit"]
  end

  def test_bad_fabrics
    bad = { { "form" => "wool" } => "/fabrics/light/form", {} => "/fabrics/light/form", [] => "/fabrics/light",
            { "form" => "strips" } => "/fabrics/light/width", { "form" => "yardage", "usable_width" => "0" } => "/fabrics/light/usable_width",
            { "form" => "yardage", "cloth" => "silk" } => "/fabrics/light/cloth",
            { "form" => "yardage", "directional" => "yes" } => "/fabrics/light/directional",
            { "form" => "strips", "width" => "2", "count" => 0 } => "/fabrics/light/count" }

    bad.each { |fabric, pointer| assert_includes faults(unit.merge("fabrics" => { "light" => fabric })).keys, pointer, fabric.inspect }
    assert_equal ["/fabrics/back"], faults(unit.merge("fabrics" => { "back" => { "form" => "yardage" } })).keys
  end

  def test_bad_tools
    side = { "makes" => "half_square", "reads" => "finished", "marks" => %w[1 2] }
    ruler = { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler", "sides" => [side] }
    bad = { { "id" => "a", "name" => "A", "kind" => "hammer" } => "/tools/0/kind", { "id" => "a", "name" => "A" } => "/tools/0/kind", 7 => "/tools/0",
            { "id" => "a", "name" => "A", "kind" => "straight_ruler", "width" => "6" } => "/tools/0/length",
            ruler.merge("sides" => [side.merge("marks" => %w[2 1])]) => "/tools/0/sides/0/marks",
            ruler.merge("sides" => [side.merge("marks" => %w[1 1])]) => "/tools/0/sides/0/marks",
            ruler.merge("sides" => [side.merge("marks" => { "from" => "3", "to" => "1", "step" => "1" })]) => "/tools/0/sides/0/marks",
            ruler.merge("sides" => [side.merge("marks" => { "from" => "1", "to" => "9", "step" => "1/512" })]) => "/tools/0/sides/0/marks/step",
            ruler.merge("sides" => [side.merge("marks" => %w[1 x])]) => "/tools/0/sides/0/marks/1",
            ruler.merge("sides" => []) => "/tools/0/sides",
            DRAWER[2].merge("blank" => ["5"]) => "/tools/0/blank", DRAWER[2].merge("max_layers" => { "cotton" => 0 }) => "/tools/0/max_layers/cotton",
            DRAWER[2].merge("shapes" => [{ "patch" => "oval", "finished" => "2", "count" => 1 }]) => "/tools/0/shapes/0/patch" }

    bad.each { |tool, pointer| assert_includes faults(with_tool(tool)).keys, pointer, tool.inspect }
  end

  def test_two_tools_of_one_id
    assert_match(/"rule" is the id of another tool/, faults(unit.merge("tools" => [DRAWER[0], DRAWER[0]]))["/tools/1/id"])
  end

  def test_tools_and_fabrics_read_back_as_they_were_written
    DRAWER.each do |document|
      tool = OakenGauge.read_tool(document)
      again = OakenGauge.read_tool(tool.to_document)

      assert_equal tool.to_document, again.to_document
      assert_equal document.slice("id", "name", "kind"), tool.to_document.slice("id", "name", "kind")
    end
    strips = { "form" => "strips", "width" => "2 1/2", "usable_length" => "38", "count" => 8, "directional" => true }

    assert_equal strips, Fabrics::Strips.read(Documents::Node.new(strips)).to_document(:inch)
  end

  def test_strip_numbers_and_finished_numbers_mean_the_same_patch
    ruler = lambda do |reads, makes, number|
      tool = { "id" => "t", "name" => "T", "kind" => "strip_triangle_ruler",
"sides" => [{ "makes" => makes, "reads" => reads, "marks" => [number] }] }
      OakenGauge.read_tool(tool).marks.first.finished
    end

    assert_equal [2, 2], [ruler.call("finished", "half_square", "2"), ruler.call("strip", "half_square", "2 1/2")]
    assert_equal [4, 4], [ruler.call("finished", "quarter_square", "4"), ruler.call("strip", "quarter_square", "2 1/2")]
  end
end
