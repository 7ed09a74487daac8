# frozen_string_literal: true

module OakenGauge
  module Keeping
    # Stored units as questions. What was stored before and cannot be read any more is left out: its own page says why.
    module Asked
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
          Shelf::Promises::Take.new(project: take["project"], unit: take["unit"], way: way, fabrics: fabrics)
        end

        # @param quilt [Hash] see {OakenGauge.promised}
        # @return [Array(String, Quilts::Buying), nil] whose quilt it is, and what is bought for it
        def quilt(quilt)
          question = Documents.read(quilt["question"], most: Documents::Inspection::WHOLE) { |node| Quilts::Question.read(node) }
          [quilt["project"], question.buying(question.quilt)]
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
        # @param buyings [Array<Array(String, Quilts::Buying)>]
        # @return [Array<Shelf::Promises::Take>] those that no quilt of their project counts
        def beside(takes, buyings)
          takes.reject do |take|
            buyings.any? { |project, buying| project == take.project && buying.making.counts?(take.way.task.unit, take.fabrics) }
          end
        end

        # @param buyings [Array<Array(String, Quilts::Buying)>]
        # @return [Array<Shelf::Promises::QuiltTakes>]
        def taken(buyings)
          buyings.map { |project, buying| Shelf::Promises::QuiltTakes.new(project: project, fabrics: buying.fabrics, amounts: buying.takes) }
        end

        private

        def task(question)
          OakenGauge.read_weighing(question)
        rescue Documents::Invalid
          nil
        end
      end
    end
  end
end
