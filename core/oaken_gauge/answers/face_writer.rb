# frozen_string_literal: true

module OakenGauge
  module Answers
    # Says what is on a tool's face: its size, what it makes, and its numbers.
    #
    # @example
    #   FaceWriter.new(ruler).write   # => ["half-square triangles: finished 1 to 6 by 1/2"]
    class FaceWriter
      # So many numbers are told one by one.
      TOLD = 12
      READS = { finished: "finished", strip: "strips", unfinished: "unfinished" }.freeze

      # @param tool [Tools::Tool]
      def initialize(tool)
        @tool = tool
      end

      # @return [Array<String>] a line each
      def write
        own = tool.class.kind.to_sym
        lines = respond_to?(own, true) ? Array(send(own)) : []
        seam = tool.made_for_seam
        seam && seam != Tools::Tool::USUAL_SEAM ? [*lines, "made for a seam allowance of #{say(seam)}"] : lines
      end

      private

      attr_reader :tool

      def straight_ruler
        main = tool.main_lines_at.zero? ? nil : ", main lines at #{say(tool.main_lines_at)} of each inch"
        "#{say(tool.width)} × #{say(tool.length)}, lines every #{say(tool.step)}#{main}"
      end

      def slotted_ruler
        "slots every #{say(tool.slot_step)} up to #{say(tool.reach)}, #{say(tool.length)} long; #{tool.layers} layers at once"
      end

      def strip_triangle_ruler
        tool.sides.map { |side| "#{Tools::StripTriangleRuler::SHAPES.fetch(side.makes).title}s: #{numbers(side.reads, side.marks)}" }
      end

      def unit_trimmer
        "#{Saying.list(tool.makes.map { |kind| Tools::UnitTrimmer::KINDS.fetch(kind.to_s) })}: #{numbers(:unfinished, tool.numbers)}"
      end

      def seam_lock_trimmer
        "#{Tools::UnitTrimmer::KINDS.fetch(tool.makes.to_s)}: finished #{sides(tool.finished)}"
      end

      def die
        shapes = tool.shapes.map { |one| "#{one.count} #{patches(one.shape, one.count)}" }
        "#{shapes.join('; ')}; fabric #{sides(tool.blank)}"
      end

      def die_press
        "takes boards up to #{say(tool.bed_width)} wide#{', powered' if tool.powered}"
      end

      def template
        patches(tool.shape, 1)
      end

      def foundation_grid
        "#{tool.columns} × #{tool.rows} cells of #{say(tool.cell)} finished"
      end

      def wedge_ruler
        "#{tool.tip_degrees}° wedges: strips #{few(tool.lines.map(&:strip))}"
      end

      def geese_trimmer
        "flying geese: #{tool.letters.map { |letter| "#{letter.mark} #{sides(letter.finished)}" }.join(', ')}"
      end

      def corner_trimmer
        "tips of the #{tool.round} round"
      end

      def marking_aid
        Saying.list(tool.aids.map { |aid| aid.to_s.tr("_", " ") })
      end

      def chart
        "#{Units.kinds.fetch(tool.makes.to_s).plural}, #{tool.technique}: #{tool.lines.map(&:mark).join(', ')}"
      end

      def patches(shape, count)
        return Saying.form(count, "shape", "shapes") if shape.kind == :shape

        "#{Saying.form(count, shape.title, "#{shape.title}s")}, finished #{sides(shape.finished)}"
      end

      def numbers(reads, scale)
        "#{READS.fetch(reads)} #{scale.range ? evenly(*scale.range) : few(scale.to_a)}"
      end

      def evenly(from, to, step)
        "#{say(from)} to #{say(to)} by #{say(step)}"
      end

      def few(list)
        told = list.first(TOLD).map { |number| say(number) }.join(", ")
        list.size > TOLD ? "#{told} and #{list.size - TOLD} more" : told
      end

      def sides(measures)
        Array(measures).map { |side| say(side) }.join(" × ")
      end

      def say(length)
        Length.new(length, tool.written_in).to_s
      end
    end
  end
end
