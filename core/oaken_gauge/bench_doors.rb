# frozen_string_literal: true

module OakenGauge
  # The doors to what a maker has: her tools and how they look, which line they are set to, her fabric, templates to print,
  # drills. They are opened as methods of {OakenGauge}.
  #
  # @example
  #   OakenGauge.which_line("unit" => { "kind" => "half_square", "finished" => "2", "count" => 4 })["groups"]
  module BenchDoors
    # @param document [Hash] a weigh document; its fabrics do not matter, and "unfinished" may tell the size
    # @return [Hash] every tool in the drawer that has a line for the unit, as it is laid; the nearest of those that have none
    def which_line(document)
      Answers::WhichLineWriter.new(read(document, WhichLine::Question).task).write
    end

    # @param takes [Array<Hash>] of every unit that a method was picked for: "project" and "unit" by name, "id" of the project, "method",
    #   "question" as a weigh document, and "fabrics", ids by role
    # @param quilts [Array<Hash>] of every project that has a quilt: "project" by name, its "id" and "question", a quilt document
    #   with its picks
    # @return [Hash{String => Hash}] what they take of each fabric and what is left, by the fabric's id; a unit that the quilt of its
    #   project counts is not counted again
    def promised(takes, quilts = [])
      read = takes.filter_map { |take| Keeping::Asked.take(take) }
      cut = quilts.filter_map { |quilt| Keeping::Asked.quilt(quilt) }
      Answers::PromisesWriter.new(Shelf::Promises.new(Keeping::Asked.beside(read, cut), Keeping::Asked.taken(cut))).write
    end

    # @param pick [Hash] a unit, a method and fabrics by role, as in a plan
    # @return [Boolean] whether it can be read
    def pick?(pick)
      read(pick, Planning::Question::Pick) && true
    rescue Documents::Invalid
      false
    end

    # @param units [Array<Hash>] "name" and "question", a weigh document, of units that share a drawer
    # @return [Hash] units that no tool has a line for, what one tool more would save, tools without use
    def missing_tools(units)
      read = units.filter_map { |unit| Keeping::Asked.unit(unit) }
      Answers::MissingWriter.new(Shelf::MissingTools.new(read)).write
    end

    # @return [Array<Hash>] the drills there are: "drill" and "title"
    def drills
      Practice.drills.map { |drill| { "drill" => drill.kind.to_s, "title" => drill.title } }
    end

    # @param drill [String]
    # @param tools [Array<Hash>] documents of the drawer that is asked about
    # @param chance [#call] gives one of the numbers from 0 to one less than it is asked for
    # @return [Array<Hash>, nil] questions; nil where there is no such drill
    def practice(drill, tools, chance)
      kind = Practice.called(drill) or return
      asked = kind.new(Tools::Drawer.new(tools.map { |tool| read_tool(tool) }), chance)
      Answers::PracticeWriter.new(Array.new(Practice::QUESTIONS) { asked.question }).write
    end

    # @param document [Hash] a weigh document
    # @param blunt [Boolean] with the dog ears off already
    # @return [Array<Templates::Pattern>] a template of each patch
    def templates(document, blunt: false)
      Templates::Pattern.of(read_weighing(document), blunt: blunt)
    end

    # @param document [Hash] a tool's document
    # @return [Templates::Pattern, nil] nil for a tool that is no template
    def template_of(document)
      tool = read_tool(document)
      Templates::Pattern.of_tool(tool) if tool.is_a?(Tools::Template)
    end

    # @param patterns [Array<Templates::Pattern>]
    # @return [String] an SVG at true size
    def templates_svg(patterns)
      Templates::Svg.new(patterns).to_s
    end

    # @param name [String] "letter" or "a4"
    # @return [Templates::Paper, nil]
    def paper(name)
      Templates::Paper.called(name)
    end

    # @param shelf [Array<Hash>] "name" and "fabric", a fabric's document
    # @return [String] comma-separated values
    def fabrics_table(shelf)
      Tables::Fabrics.write(shelf)
    end

    # @param drawer [Array<Hash>] documents of tools
    # @return [String] comma-separated values, a row a mark
    def tools_table(drawer)
      Tables::Tools.write(drawer)
    end

    # @param text [String] comma-separated values
    # @return [Hash] "entries", each with "name" and "fabric", of the rows that can be read, and "faults" of the others
    def read_fabrics_table(text)
      read_table(Tables::Fabrics.new(text))
    end

    # @param text [String] comma-separated values
    # @return [Hash] "entries", tools' documents without ids, of the rows that can be read, and "faults" of the others
    def read_tools_table(text)
      read_table(Tables::Tools.new(text))
    end

    # @return [Array<Hash>] what can be set down on a block's cells at once: "name" and "cells" of quarters, fabrics by number
    def stamps
      Blocks::Stamps.all.map { |stamp| { "name" => stamp.name, "cells" => stamp.cells } }
    end

    # @param picture [Hash] a deconstruct document: what a block looks like
    # @param colours [Hash{String => String}] by the names of its fabrics
    # @return [String] an SVG of plain polygons at true size
    def block_svg(picture, colours)
      block_drawing(picture, colours).to_s
    end

    # @param document [Hash] a block's document
    # @param question [Hash] "tools" and "maker" of a weigh document
    # @param other [String, nil] a second finished width that it is to be cut at
    # @return [Hash] "finished", its width at each size, "pieces" and "units", see {Answers::BlockSheetWriter}
    def block_sheet(document, question, other: nil)
      blocks = Blocks::Sized.at_both(read(document, Blocks::Block), other)
      measure = blocks.first.written_in
      written = Answers::BlockSheetWriter.new(blocks.map { |one| units_of(one) }, question, measure)
      { "finished" => blocks.map { |one| Length.new(one.columns.sum, measure).to_s }, **written.write }
    end

    # @return [Blocks::Svg] what a block is drawn from
    def block_drawing(picture, colours = {})
      read = read(picture, Blocks::Question, most: Documents::Inspection::WHOLE)
      Blocks::Svg.new(read.picture, [read.finished].flatten.last, colours)
    end

    # @param document [Hash] "setting", "block" (its finished width and height), "width", "length" and "drop"
    # @return [Hash] the fewest blocks "across" and "down" that cover that, nil where too many, and what it comes to
    def fit_quilt(document)
      read(document, Quilts::FittingQuestion).answer
    end

    # @param document [Hash] "setting", and "counts", how often each of several blocks was made
    # @return [Hash] "counts" that add up to what the setting holds
    def share_blocks(document)
      read(document, Quilts::SharingQuestion).answer
    end

    # @return [Array<Hash>] what quilts are made for: "name", "width", "length", "drop"
    def places
      Quilts::Fitting::PLACES.map { |place| place.to_h.to_h { |key, one| [key.to_s, key == :name ? one : Length.new(one).to_s] } }
    end

    # @param svg [String] the text of a file
    # @return [Hash] "grid", "cells" of quarters by colour, "colours", and what was "left_aside"
    def read_block_svg(svg)
      Svg::Block.new(svg).read
    end

    # @param svg [String] the text of a file
    # @return [Hash] "outline" in inches, and what was "left_aside"
    def read_outline(svg)
      Svg::Outline.new(svg).read
    end

    # @param document [Hash] a tool's document
    # @return [Hash{String => Object}] "picture" of it to scale, or nil, "readings" of its numbers, and "face", what is on it
    def tool_picture(document)
      tool = read_tool(document)
      writer = Answers::ToolPictureWriter.new(tool)
      { "picture" => writer.write, "readings" => writer.readings, "face" => Answers::FaceWriter.new(tool).write }
    end

    # @param document [Hash] a fabric's document
    # @return [Hash] "length" in inches, in how many "pieces", and "say", what it is
    def fabric_on_shelf(document)
      Answers::ShelfLengthWriter.new(read_fabric(document)).write
    end

    # @return [Array<Hash>] documents of the tools that quilters usually own
    def usual_tools
      Tools::Usual.all.map(&:to_document)
    end

    # @param document [Hash] "measured", tests and their readings, "maker" and "tools"
    # @return [Hash] "maker", her profile with what it teaches, and "moved", each value that moved
    def learn(document)
      Answers::LearningWriter.new(read(document, Learning::Question)).write
    end

    # @param document [Hash] a maker's document
    # @return [Makers::Maker]
    def read_hands(document)
      read(document, Makers::Maker)
    end

    private

    def read_table(table)
      { "entries" => table.entries, "faults" => table.faults.map { |fault| fault.to_h.transform_keys(&:to_s) } }
    end
  end
end
