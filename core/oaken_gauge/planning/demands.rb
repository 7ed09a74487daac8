# frozen_string_literal: true

module OakenGauge
  module Planning
    # What a plan has to give of each fabric: the pieces asked for, those of the methods picked, and spare ones; each kind
    # with its letter.
    class Demands
      # What becomes of a piece, as a method says it and as a plan does.
      THEN = { cut_diagonal: :cut_once_diagonally, cut_both_diagonals: :cut_twice_diagonally }.freeze

      # @param document [Question]
      def initialize(document)
        @document = document
      end

      # @return [Hash{Symbol => Array<Kind>}] by fabric
      def by_fabric
        @by_fabric ||= begin
          pieces = @document.pieces.each_with_index.flat_map { |piece, place| asked(piece, place) }
          all = pieces + @document.picks.select { |pick| gives?(pick) }.flat_map { |pick| picked(pick) }
          lettered(all.group_by(&:first).transform_values { |list| joined(list.map(&:last)) })
        end
      end

      # @return [Array<Documents::Fault>] picks that give no pieces
      def faults
        @document.picks.each_with_index.reject { |pick, _| gives?(pick) }.map { |pick, place| fault(pick, place) }
      end

      private

      def gives?(pick)
        way(pick)&.cuts&.any?
      end

      def asked(piece, place)
        told = { count: spared(piece.count), then_do: piece.then_do, for: [piece.unit].compact, place: "/pieces/#{place}",
pair: piece.pair }
        fabric = piece.fabric.to_sym
        kinds = if piece.run
                  runs(piece).map { |size| Kind.new(**told, size: size, turn: false, shape: :run) }
                else
                  [Kind.new(**told, size: piece.size, turn: piece.turn && !directional?(fabric), shape: shape(piece.size))]
                end
        kinds.map { |kind| [fabric, kind] }
      end

      # A run may be parted between its segments.
      def runs(piece)
        (piece.segments || [piece.run.length]).map { |length| [piece.run.width, length] }
      end

      def shape(size)
        size.uniq.one? ? :square : :rectangle
      end

      def directional?(fabric)
        @document.stock.fetch(fabric).any?(&:directional?)
      end

      def spared(count)
        (count * (1 + (@document.spare_percent.to_r / 100))).ceil
      end

      # The cuts of the method, with this drawer and this stock.
      def picked(pick)
        way(pick).cuts.flat_map { |cut| cut.planned(way(pick).task.fabric(cut.role)).map { |size, count| kind_of(pick, cut, size, count) } }
      end

      def fault(pick, place)
        say = way(pick) ? reason(way(pick)) : "It makes no such unit."
        Documents::Fault.new(pointer: "/picks/#{place}/method",
                             message: "is #{pick.technique}, which gives no pieces: #{say} Allowed is a method that makes it")
      end

      # Tools are looked for as they are set.
      def reason(way)
        way.settings
        way.problems.first.say
      end

      # @return [Methods::Method, nil] nil where it makes no such unit
      def way(pick)
        (@ways ||= {}.compare_by_identity).fetch(pick) do
          @ways[pick] = Methods.making(pick.unit).find { |one| one.id == pick.technique.to_s }&.new(task(pick))
        end
      end

      def task(pick)
        fabrics = pick.unit.class.roles.to_h { |role| [role, @document.stock.fetch(pick.fabrics.fetch(role).to_sym).first] }
        Weighing::Question.new(unit: pick.unit, seam: @document.seam, tools: @document.tools, maker: @document.maker,
                                     fabrics: fabrics, measure: @document.measure, written_in: @document.written_in).task
      end

      def kind_of(pick, cut, size, count)
        fabric = pick.fabrics.fetch(cut.role).to_sym
        [fabric, Kind.new(size: size, count: spared(count), turn: !cut.tiled? && !directional?(fabric),
                          shape: cut.tiled? ? :run : shape(size),
                          then_do: THEN[cut.then_do], for: [pick.unit.class.kind.to_s])]
      end

      # Alike are one kind, whoever they are for.
      def joined(kinds)
        kinds.group_by { |kind| [kind.looks, kind.turn, kind.pair, (kind.size unless kind.turn)] }.values.map do |same|
          Kind.new(**same.first.to_h, count: same.sum(&:count), for: same.flat_map(&:for).uniq)
        end
      end

      # A to Z, then AA: the largest first, the same letter for what looks the same in any fabric.
      def lettered(by_fabric)
        looks = by_fabric.values.flatten.map(&:looks).uniq.sort_by { |size, shape, then_do| [size.map(&:-@), shape.to_s, then_do.to_s] }
        letters = looks.zip("A".."ZZ").to_h
        by_fabric.transform_values { |kinds| kinds.map { |kind| Kind.new(**kind.to_h, letter: letters.fetch(kind.looks)) } }
      end
    end
  end
end
