# frozen_string_literal: true

module OakenGauge
  module Keeping
    # Stored units as questions. What was stored before and cannot be read any more is left out: its own page says why.
    module Asked
      # What is cut for a quilt. - amounts: {fabric id => inches of length, or pieces}; - fabrics: {id => Fabrics::Fabric};
      # - units: [{Quilts::UnitsInBlocks::Counted}]
      Cut = Struct.new(:amounts, :fabrics, :units, keyword_init: true) do
        # @param unit [Units::Unit]
        # @param named [Hash{Symbol => String}] its fabrics by role
        # @return [Boolean]
        def counts?(unit, named)
          units.any? { |counted| counted.made_as?(unit, named) }
        end
      end
      CUT = Memo.new(50)
      private_constant :CUT

      class << self
        # @param take [Hash] see {OakenGauge.promised}
        # @return [Shelf::Promises::Take, nil]
        def take(take)
          task = task(take["question"]) or return
          method = Methods.making(task.unit).find { |one| one.id == take["method"] } or return
          way = task.way(method)
          way.settings
          return unless way.problems.empty?

          fabrics = take["fabrics"].transform_keys(&:to_sym)
          Shelf::Promises::Take.new(project: take["project"], id: take["id"], unit: take["unit"], way: way, fabrics: fabrics)
        end

        # @param quilt [Hash] see {OakenGauge.promised}
        # @return [Array(Array(String, Object), Cut), nil] whose quilt it is, by name and id, and what is cut for it; the same quilt is
        #   planned once
        def quilt(quilt)
          [quilt.values_at("project", "id"), CUT.fetch(quilt["question"]) { cut(quilt["question"]) }]
        rescue Documents::Invalid
          nil
        end

        # @param unit [Hash] see {OakenGauge.missing_tools}
        # @return [Shelf::MissingTools::Asked, nil]
        def unit(unit)
          task = task(unit["question"])
          task && Shelf::MissingTools::Asked.new(name: unit["name"], task: task)
        end

        # @param takes [Array<Shelf::Promises::Take>]
        # @param quilts [Array<Array(Array, Cut)>]
        # @return [Array<Shelf::Promises::Take>] those that no quilt of their project counts
        def beside(takes, quilts)
          takes.reject do |take|
            quilts.any? { |project, cut| project == [take.project, take.id] && cut.counts?(take.way.task.unit, take.fabrics) }
          end
        end

        # @param quilts [Array<Array(Array, Cut)>]
        # @return [Array<Shelf::Promises::QuiltTakes>]
        def taken(quilts)
          quilts.map do |(project, id), cut|
            Shelf::Promises::QuiltTakes.new(project: project, id: id, fabrics: cut.fabrics, amounts: cut.amounts)
          end
        end

        private

        def cut(question)
          read = Documents.read(question, most: Documents::Inspection::WHOLE) { |node| Quilts::Question.read(node) }
          quilt = read.quilt
          buying = read.buying(quilt)
          Cut.new(amounts: buying.takes, fabrics: buying.fabrics, units: quilt.units).freeze
        end

        def task(question)
          OakenGauge.read_weighing(question)
        rescue Documents::Invalid
          nil
        end
      end
    end
  end
end
