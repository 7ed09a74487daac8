# frozen_string_literal: true

module OakenGauge
  module Tools
    # Any other ruler, or a slip of instructions: letters or numbers, each with the finished size it makes by the
    # method that it names, and what is cut for it.
    class Chart < Tool
      # One line of it.
      class Line
        include Documents::Record

        SIZES = Documents::Composites::Mapping.new(Documents::Measures::Size.new(most: Tool::LARGEST), most: 8)

        text :mark, most: 12, label: "Letter or number"
        field :finished, Documents::Measures::OneOrTwo.new(most: Tool::LARGEST), label: "Finished size"
        field :squares, SIZES, default: nil, label: "Squares, by fabric"
        field :strips, SIZES, default: nil, label: "Strips, by fabric"
      end

      title "Chart"
      group "Instructions"
      common 14
      choice :makes, -> { Units.kinds.keys }, label: "For units of kind"
      text :method, as: :technique, most: 60, label: "Method"
      list :marks, Line, as: :lines, within: 1..60, label: "Its lines"
      made_for_seam
      rule(:lines, say: "repeats a mark: allowed is each once") { |lines| lines.map(&:mark).uniq.size == lines.size }

      # @param unit [Units::Unit]
      # @param seam [Rational] inches
      # @param method [Class] a {Methods::Method}
      # @return [Array<Line>] for just that unit, made by the method that it names, however it writes the name
      def lines_for(unit, seam, method)
        return [] unless made_for_seam == seam && makes == unit.class.kind && named?(method)

        lines.select { |line| [line.finished].flatten == [unit.finished].flatten }
      end

      # Its sizes as unfinished units that share a corner.
      # @return [Picture]
      def picture
        sizes = lines.map { |line| [[line.finished].flatten, line.mark] }
        Picture.draw(written_in) do |draw|
          draw.nested(sizes.map { |sides, mark| [[sides.first, sides.last].map { |side| side + (2 * made_for_seam) }, mark] })
        end
      end

      private

      def named?(method)
        name = technique.strip.downcase
        [method.technique, method.id, method.technique.tr("_", " "), method.title.downcase].include?(name)
      end
    end
  end
end
