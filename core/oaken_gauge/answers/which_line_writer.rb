# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes which line of which tool a unit is cut and trimmed by.
    class WhichLineWriter
      ASKS = "%<typed>s is what a unit measures before it is sewn in, if it finishes at %<less>s. Is %<typed>s the finished size?"
      private_constant :ASKS

      # @param task [Weighing::Task]
      def initialize(task)
        @task = task
        @answer = WhichLine::Answer.new(task)
      end

      # @return [Hash]
      def write
        { "unit" => @task.unit.to_document(@task.measure), "drawing" => ViewWriter.new(@task).unit_drawing,
          "finished" => lengths(@task.unit.side_lengths), "unfinished" => lengths(@answer.unfinished), "asks" => asks,
          "groups" => @answer.groups.map { |group| group(group) }, "wedges" => wedges }
      end

      private

      def asks
        less = @answer.suspected or return
        { "finished" => lengths(less), "say" => format(ASKS, typed: sides(@task.unit.side_lengths), less: sides(less)) }
      end

      def sides(list)
        lengths(list).uniq.join(" × ")
      end

      def group(group)
        { "title" => title(group), "roles" => group.roles.map(&:to_s), "size" => size(group.shape),
          "layings" => group.layings.map { |laying| laying(laying) },
          "missing" => group.missing.map { |one| { "tool" => one.tool.id, "name" => one.tool.name, "say" => one.say } } }
      end

      def title(group)
        group.shape ? group.shape.title.capitalize : "The whole unit"
      end

      # What a patch finishes at, where that is a length somebody could name.
      def size(shape)
        measures = [shape&.finished].flatten.compact
        lengths(measures) if measures.any? && measures.all?(Rational)
      end

      def laying(laying)
        { "tool" => laying.tool.id, "name" => laying.tool.name, "mark" => laying.mark, "reads" => laying.reads.to_s,
          "steps" => laying.steps, "scene" => laying.scene && scene(laying.scene) }
      end

      def scene(scene)
        { "fabric" => outlines(scene.fabric), "pieces" => outlines(scene.pieces), "bodies" => outlines(scene.bodies),
          "lines" => lines(scene.lines), "lit" => lines(scene.lit),
          "label" => { "at" => point(scene.label.at), "text" => scene.label.text } }
      end

      # A chart of strips and blocks, for units with wedges.
      def wedges
        return unless @task.unit.shapes.any? { |shape| shape.kind == :wedge }

        ruler = @task.drawer.of(Tools::WedgeRuler).find { |one| one.made_for_seam == @task.seam }
        WhichLine::WedgeChart.new(@task.seam, ruler).rows.map { |row| row(row) }
      end

      def row(row)
        { "strip" => length(row.strip), "ring" => near(row.ring), "corner" => near(row.corner), "web" => near(row.web),
          "kite" => near(row.kite), "wedges" => row.wedges }
      end

      # Off the eighths is fine here: it stays as it is, to a thousandth.
      def near(inches)
        inches.is_a?(Rational) ? length(inches) : format("%.3f", inches / Length::MEASURES.fetch(@task.measure))
      end

      def outlines(list)
        list.map { |outline| outline.corners.map { |corner| point(corner) } }
      end

      def lines(list)
        list.map { |line| { "from" => point(line.from), "to" => point(line.to), "weight" => line.weight.to_s } }
      end

      def point(corner)
        corner.map { |one| one.to_f.round(4) }
      end

      def lengths(list)
        list.map { |inches| length(inches) }
      end

      def length(inches)
        Length.new(inches, @task.measure).to_s
      end
    end
  end
end
