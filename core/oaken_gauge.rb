# frozen_string_literal: true

require "json"
require "zeitwerk"

# Oaken Gauge: the craft of triangle units, computed.
#
# Inside the core a length is a number of inches: a Rational where a person named it or where the geometry keeps it
# exact, a Float only where a square root came in. {OakenGauge::Length} reads and writes what people and documents
# say. Nothing here knows of a server, a database, a file or a clock.
#
# Whatever reads a document raises {Documents::Invalid} when it cannot be read, with every fault.
#
# @example Weigh every method for 24 half-square triangle units
#   answer = OakenGauge.weigh("unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 })
#   answer["methods"].first["method"]   # => "rotary/two_at_a_time"
module OakenGauge
  SQRT2 = Math.sqrt(2)

  class << self
    # @param document [Hash] a weigh document with string keys, as docs/formats describes it
    # @param view [Boolean, :fence] add the steps' words, the drawings and the beam for a screen; with :fence of the beam only what it
    #   says at the fence
    # @param sample [Hash, nil] count: and seed: of units that each method makes at random beside its budget
    # @return [Hash] the answer, ready for JSON
    def weigh(document, view: false, sample: nil)
      task = read_weighing(document)
      Answers::WeighWriter.new(task, view: view, sample: sample).write(Weighing::Weigher.new(task).outcomes)
    end

    # @param document [Hash] a weigh document
    # @return [Hash] the scale of finished sizes with the marks of every tool, and where the unit stands on it
    def beam(document)
      Answers::ViewWriter.new(read_weighing(document)).beam
    end

    # @return [Class] what a block's document is read as
    def block_document
      Blocks::Block
    end

    # @param block [Blocks::Block]
    # @return [Array<Blocks::UnitsOf::Placed>] its units that can be sewn
    def units_of(block)
      Blocks::UnitsOf.new(block, whole: false).all
    end

    # @param document [Hash] a sizes document with string keys, as docs/formats describes it
    # @return [Hash] the ladder of block sizes, best first
    def sizes(document)
      read = read(document, Sizing::Question)
      Answers::SizesWriter.new(read.measure).write(read.ladder.steps)
    end

    # @param document [Hash] a plan document with string keys, as docs/formats describes it
    # @return [Hash] the cutting plan
    def plan(document)
      plan = Planning::Plan.new(read(document, Planning::Question))
      raise Documents::Invalid, plan.faults unless plan.faults.empty?

      Answers::PlanWriter.new(plan).write
    end

    # @param document [Hash] a deconstruct document with string keys, as docs/formats describes it
    # @param view [Boolean] add drawings for a screen
    # @yield [share, doing] as it goes on: how much of it is done, from 0 to 1, and what is being done; raising stops it
    # @return [Hash] how many ways there are to cut the block into units, and the best of them
    def deconstruct(document, view: false, &told)
      read = read(document, Blocks::Question, most: Documents::Inspection::WHOLE)
      Answers::DeconstructWriter.new(read.taking_apart(Blocks::Progress.new(&told)), read.written_in, view: view).write
    end

    # @param document [Hash] a deconstruct document
    # @return [Boolean] whether it is answered within a second
    def soon_apart?(document)
      read(document, Blocks::Question, most: Documents::Inspection::WHOLE).taking_apart.soon?
    end

    # @param document [Hash] a quilt document with string keys, as docs/formats describes it
    # @param view [Boolean] add a drawing for a screen, and how it is made on foundation sheets
    # @return [Hash] its size, its units, what else is cut for it, and what to buy
    def quilt(document, view: false)
      read = read(document, Quilts::Question, most: Documents::Inspection::WHOLE)
      quilt = read.quilt
      answer = Answers::QuiltWriter.new(quilt, read.buying(quilt), read.answered_in, view: view).write
      view ? answer.merge("panels" => Answers::PanelsWriter.new(read.panels, read.seam, read.answered_in).write) : answer
    end

    # @param setting [Hash] how blocks are set
    # @return [Integer] how many it holds
    def blocks_in(setting)
      Quilts::Layout.of(read(setting, Blocks::Setting), [1r, 1r]).blocks
    end

    # @param name [String]
    # @param picture [Hash] a deconstruct document: what a block looks like
    # @param pieces [Array<Hash>] the units it is made of; none for those of the best way to take it apart, or
    #   where that takes long, of a unit on every cell
    # @param lines [Hash, nil] its columns and rows in cells, where they are not one cell each
    # @return [Hash] the block's document
    def block(name, picture, pieces = [], lines = nil)
      read = read(picture, Blocks::Question, most: Documents::Inspection::WHOLE)
      Answers::BlockWriter.new(read).write(name, pieces, lines && read(lines, Blocks::Lines))
    end

    # @param block [Hash] a block's document
    # @return [Hash] "picture", what it looks like, as a deconstruct document asks for it; "pieces", where they lie on its cells;
    #   "lines", its columns and rows in cells, nil where each is one cell
    def kept_block(block)
      picture = picture(block)
      lines = Blocks::Lines.of(read(block, Blocks::Block), picture)
      { "picture" => picture, "pieces" => block.fetch("pieces", []).map { |piece| lines.in_cells(piece) },
        "lines" => (lines.to_document unless lines.cells?) }
    end

    # @param picture [Hash] a deconstruct document
    # @param lines [Hash] columns and rows in cells
    # @raise [Documents::Invalid] where they are not those of the picture
    def check_lines(picture, lines)
      read = read(picture, Blocks::Question).picture
      faults = read(lines, Blocks::Lines).misfits(read.columns, read.rows)
      raise Documents::Invalid, faults unless faults.empty?
    end

    # @param picture [Hash] a deconstruct document: what a block looks like
    # @param pieces [Array<Hash>] units
    # @return [Boolean] whether a block of those units looks like that
    def made_of?(picture, pieces)
      Answers::BlockWriter.new(read(picture, Blocks::Question)).looks_like?(pieces)
    end

    # @param block [Hash] a block's document
    # @return [Hash] what it looks like, as a deconstruct document asks for it
    def picture(block)
      Answers::PictureWriter.new(Documents.read(block) { |node| Blocks::Block.read(node) }).write
    end

    # @param measure [Symbol] :inch or :cm, what sizes to begin with are told in
    # @return [Hash{String => Array<Hash>}] the kinds of units, tools and fabrics there are, each with its fields
    def kinds(measure = :inch)
      (@kinds ||= {})[measure] ||= Answers::KindsWriter.new(measure).write.freeze
    end

    # @param document [Hash] a maker's document, as a weigh document holds it
    # @return [Hash] every value of her profile with its meaning, assumed or measured, and her choices
    def profile(document)
      Answers::ProfileWriter.new(read(document, Makers::Maker)).write
    end

    # @param document [Hash] priorities, as a weigh document holds them
    # @return [Hash] every one, with its usual weight where nothing is said
    def priorities(document)
      read(document, Weighing::Priorities).weights.transform_keys(&:to_s)
    end

    # @param document [Hash] a whole bench as one file
    # @return [Hash] the same, its lengths written the usual way
    def bench(document)
      read(document, Keeping::Bench, most: Documents::Inspection::BENCH).to_document
    end

    # @param document [Hash] a weigh document
    # @return [Weighing::Task]
    def read_weighing(document)
      read(document, Weighing::Question).task
    end

    # @param document [Hash]
    # @return [Units::Unit]
    def read_unit(document)
      Documents.read(document) { |node| Kinds::UNIT.read(node) }
    end

    # @param unit [Units::Unit]
    # @param times [Integer]
    # @return [Hash] the document of so many times as many
    def so_many_times(unit, times)
      more = unit.hands ? { hands: unit.hands.transform_values { |count| count * times } } : unit.class.so_many(unit.count * times)
      unit.with(**more).to_document.tap { |document| read_unit(document) }
    end

    # @param document [Hash]
    # @return [Tools::Tool]
    def read_tool(document)
      Documents.read(document) { |node| Kinds::TOOL.read(node) }
    end

    # @param document [Hash]
    # @return [Fabrics::Fabric]
    def read_fabric(document)
      Documents.read(document) { |node| Kinds::FABRIC.read(node) }
    end

    # Reads parts of a document by their names: :unit, :tool, :fabric, :colour, :weave, :maker, :priorities, :method,
    # :name, :seam_allowance, :version, and :shelf, which names what is stored by role.
    # @param document [Object] parsed JSON
    # @yield [Documents::Node] the whole, each of whose keys is read by {.read_part}
    # @return what the block gives
    def read_parts(document, &)
      Documents.read(document, &)
    end

    # @param name [Symbol]
    # @param node [Documents::Node]
    # @return [Object, nil] nil where it cannot be read; the node has the fault then
    def read_part(name, node)
      Keeping::Parts.fetch(name).read(node)
    end

    # @param text [String] JSON
    # @param whole [Boolean] whether it may be as large as a whole bench
    # @return [Object]
    def read_text(text, whole: false)
      Documents.parse(text, most: whole ? Documents::LARGEST_BENCH : Documents::LARGEST)
    end

    private

    def read(document, declared, **limits)
      Documents.read(document, **limits) { |node| declared.read(node) }
    end
  end
end

loader = Zeitwerk::Loader.for_gem(warn_on_extra_files: false)
loader.collapse("#{__dir__}/oaken_gauge/lengths", "#{__dir__}/oaken_gauge/geometry")
loader.setup
OakenGauge::LOADER = loader
OakenGauge.extend(OakenGauge::BenchDoors, OakenGauge::ProjectDoors, OakenGauge::TurningDoors)
